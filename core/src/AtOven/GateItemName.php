<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** What is looked at before a pie goes in, in the order of the hands. */
enum GateItemName: string
{
    case OvenHot = 'oven-hot';
    case Rack = 'rack';
    case Greased = 'greased';
    case Docked = 'docked';
    case DockedTwice = 'docked-twice';
    case Weights = 'weights';
    case ShellCold = 'shell-cold';
    case FillingCool = 'filling-cool';
    case TopOn = 'top-on';
    case Sealed = 'sealed';
    case Vented = 'vented';
    case Glazed = 'glazed';
    case TrayUnder = 'tray-under';
    case FoilReady = 'foil-ready';

    /** Whether a thermometer can answer it. */
    public function isMeasured(): bool
    {
        return $this === self::OvenHot || $this === self::FillingCool;
    }
}
