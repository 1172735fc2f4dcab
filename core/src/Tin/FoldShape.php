<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

/** How a piece of dough is closed over its filling. */
enum FoldShape: string
{
    /** A disc folded in half, crimped at the side. */
    case HalfMoon = 'half-moon';

    /** A disc brought up on both sides, crimped on top. */
    case TopCrimp = 'top-crimp';

    /** A square folded to a triangle. */
    case Turnover = 'turnover';

    /** A square with its four points brought to the middle. */
    case Parcel = 'parcel';

    /** A rectangle folded in half. */
    case Rectangle = 'rectangle';

    /** Two discs, one on the other. */
    case Patty = 'patty';

    public function isOfDiscs(): bool
    {
        return $this === self::HalfMoon || $this === self::TopCrimp || $this === self::Patty;
    }

    /** How often one has to be cut out for one pie. */
    public function cuts(): int
    {
        return $this === self::Patty ? 2 : 1;
    }
}
