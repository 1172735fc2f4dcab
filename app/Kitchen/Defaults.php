<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;

/** What the trade takes for usual, so that the screen need not know: limits, first guesses, lists. */
#[Schema('Defaults')]
final readonly class Defaults
{
    /** Where the words for a base change, % water: crisp to, dry to, soft to. */
    public float $crispToPercent;

    public float $dryToPercent;

    public float $softToPercent;

    /** @var list<ShellStage> a blind bake as it is commonly done */
    public array $parBake;

    /** What is scattered on a crust, and what seasons. */
    public Food $crumbs;

    public Food $salt;

    /** @var list<Allergen> */
    public array $allergens;

    public function __construct()
    {
        $this->crispToPercent = BaseVerdict::CRISP_TO_PERCENT;
        $this->dryToPercent = BaseVerdict::DRY_TO_PERCENT;
        $this->softToPercent = BaseVerdict::SOFT_TO_PERCENT;
        $this->parBake = ShellStage::usual(ShellBake::ParBaked);
        $this->crumbs = Pantry::food('dry-crumbs');
        $this->salt = Pantry::food('salt');
        $this->allergens = Allergen::cases();
    }
}
