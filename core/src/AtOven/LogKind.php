<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** What may be pressed at the oven. */
enum LogKind: string
{
    /** A thing of the gate is looked at; and taken back. */
    case Tick = 'tick';
    case Untick = 'untick';

    /** What a thermometer read at the gate, °C; with "what" middle, in the middle of a pie that is out. */
    case Measured = 'measured';

    /** The gate stopped once. */
    case Stopped = 'stopped';

    /** It goes in. */
    case In = 'in';

    /** An act is done; its "what" names it. */
    case Done = 'done';

    /** It was out and goes in again, for so many minutes: it had not been hot enough. */
    case BackIn = 'back-in';

    /** An act comes so many minutes later, and those after it. */
    case Later = 'later';

    /** What was seen at an act. */
    case Seen = 'seen';

    case Plugged = 'plugged';
    case Unplugged = 'unplugged';

    /** Nothing more is watched of it. */
    case Ended = 'ended';

    /** The event that "what" names never was. */
    case Undo = 'undo';
}
