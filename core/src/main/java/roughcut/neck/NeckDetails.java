package roughcut.neck;

import java.util.Optional;

/**
 * What is cut into the neck and how: head, joint, channels, access, carving.
 *
 * @param marks empty without a scarf joint
 * @param access empty unless the rod is worked through a bore from the head that meets its face
 * @param keyWay to the adjuster of a rod that isn't worked through a bore from the head
 * @param headpiece empty unless the neck is headless
 * @param tenon empty unless a set neck has one of its own width or depth
 */
public record NeckDetails(
    FlatHead flatHead,
    Optional<StepDown> step,
    Volute volute,
    Optional<ScarfMarks> marks,
    Optional<Splines> splines,
    Optional<Stiffeners> stiffeners,
    Optional<AccessBore> access,
    Optional<RodAccess> keyWay,
    TunerLayout tuners,
    Optional<Headpiece> headpiece,
    Optional<Tenon> tenon,
    Carving carving) {}
