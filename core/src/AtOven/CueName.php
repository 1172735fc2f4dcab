<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** What the eye goes by, drawn to compare with. */
enum CueName: string
{
    /** A custard in an open tin: edge set, the middle trembling as one. */
    case Tremble = 'tremble';

    /** A deep custard: a pick comes out nearly clean. */
    case Pick = 'pick';

    /** A lid, a lattice, an open top without a custard. */
    case Colour = 'colour';

    /** An empty shell. */
    case Shell = 'shell';

    /** Juice bubbles at the vents; the base is gold when it is lifted. */
    case Underside = 'underside';
}
