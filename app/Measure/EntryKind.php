<?php

declare(strict_types=1);

namespace App\Measure;

/** What an entry measures. */
enum EntryKind: string
{
    case Mass = 'mass';
    case Volume = 'volume';
    case Length = 'length';
    case Thickness = 'thickness';
    case Width = 'width';
    case Depth = 'depth';
    case Temperature = 'temperature';
    case Time = 'time';
}
