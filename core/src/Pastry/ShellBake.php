<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** How far the shell was baked before it was filled. */
enum ShellBake: string
{
    case Raw = 'raw';
    case ParBaked = 'par-baked';
    case FullyBaked = 'fully-baked';
}
