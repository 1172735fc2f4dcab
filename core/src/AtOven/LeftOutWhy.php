<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** Why a reading is not counted. */
enum LeftOutWhy: string
{
    /** hotter or colder than any food */
    case NoFood = 'no-food';
    case BeforeItWentIn = 'before-it-went-in';
    case AheadOfTime = 'ahead-of-time';
    case TooHot = 'too-hot';
    case TooCold = 'too-cold';
    case Jumped = 'jumped';

    /** the probe had moved before, and nobody said that it is back */
    case Moved = 'moved';
}
