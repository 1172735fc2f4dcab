<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\DoughKind;

/** Properties by kind of cell (Grid::FILLING, CRUST, LID, -, TOPPING), side by side as loops want them. */
final readonly class CellMaterials
{
    /** @var list<float> J/m3 K of the dry matter, at 0 °C */
    public array $heat0;

    /** @var list<float> and for each K */
    public array $heat1;

    /** @var list<float> W/m K of the dry matter, at 0 °C */
    public array $k0;

    /** @var list<float> and for each K */
    public array $k1;

    /** @var list<float> m3 of dry matter in a m3 */
    public array $volume;

    /** @var list<float> kg of dry matter without fat in a m3: what water is counted against */
    public array $solids;

    /** J/m3 K of the tin */
    public float $tinHeat;

    /** W/m K of the tin */
    public float $tinConducts;

    public float $emissivityShare;

    public Material $filling;

    public Material $pastry;

    public Material $topping;

    /** The whole filling. */
    public float $fillingM3;

    public DoughKind $doughKind;

    public function __construct(BakeInput $input)
    {
        $this->filling = Material::lying($input->partsKg);
        $this->pastry = Material::of($input->pastry->parts(), $input->pastryKgPerM3);
        $this->topping = $input->toppingKg === null ? $this->filling : Material::lying($input->toppingKg);
        $this->fillingM3 = $input->fillingKg() / ($this->filling->dry + $this->filling->water);
        $this->doughKind = $input->doughKind;
        // by kind; of the tin nothing is asked here
        $all = [$this->filling, $this->pastry, $this->pastry, $this->pastry, $this->topping];
        $this->heat0 = array_map(static fn (Material $one): float => $one->heat[0], $all);
        $this->heat1 = array_map(static fn (Material $one): float => $one->heat[1], $all);
        $this->k0 = array_map(static fn (Material $one): float => $one->conducts[0], $all);
        $this->k1 = array_map(static fn (Material $one): float => $one->conducts[1], $all);
        $this->volume = array_map(static fn (Material $one): float => $one->volume, $all);
        $this->solids = array_map(static fn (Material $one): float => $one->solids, $all);
        $this->tinHeat = $input->tinMaterial->heatCapacity();
        $this->tinConducts = $input->tinMaterial->conductivity();
        $this->emissivityShare = $input->tinMaterial->emissivity();
    }

    /** @return float kg of water in a m3 at the beginning */
    public function waterOf(int $kind): float
    {
        return match ($kind) {
            Grid::FILLING => $this->filling->water,
            Grid::TOPPING => $this->topping->water,
            Grid::TIN => 0.0,
            default => $this->pastry->water,
        };
    }
}
