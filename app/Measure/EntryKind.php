<?php

declare(strict_types=1);

namespace App\Measure;

/** What an entry measures. */
enum EntryKind: string
{
    case Mass = 'mass';
    /** Of no food in particular, as a scale reads it. */
    case Weight = 'weight';
    case Volume = 'volume';
    case Length = 'length';
    case Thickness = 'thickness';
    case Width = 'width';
    case Depth = 'depth';
    case Temperature = 'temperature';
    case Time = 'time';
}
