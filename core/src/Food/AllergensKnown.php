<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** How far it is known which allergens a food has. Never sure by another food's name. */
enum AllergensKnown: string
{
    /** It is one thing, and has what is said or nothing. */
    case Sure = 'sure';

    /** A made thing: it commonly holds these, and its packet says whether it does. */
    case Packet = 'packet';

    /** Nobody said. */
    case Unknown = 'unknown';

    /** Of two things together the less known. */
    public function orLess(self $other): self
    {
        return match (true) {
            $this === self::Unknown || $other === self::Unknown => self::Unknown,
            $this === self::Packet || $other === self::Packet => self::Packet,
            default => self::Sure,
        };
    }
}
