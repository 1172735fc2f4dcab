<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

/** How an oven heats: by radiation and still air, or with its fan on. */
enum OvenMode: string
{
    case Static = 'static';
    case Fan = 'fan';
}
