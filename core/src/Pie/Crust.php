<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Fields;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Moisture\Seal;
use Hojaldre\Core\Moisture\ShellBake;
use Hojaldre\Core\Tin\Tin;

/** The lined tin: what dough, how thick, how far baked before filling, and what seals it. */
final readonly class Crust
{
    public function __construct(
        public Food $dough,
        public float $thicknessMm,
        public ShellBake $shellBake,
        public Seal $seal,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            Food::read($fields->object('dough')),
            $fields->number('thicknessMm', 1, 15, 'mm'),
            ShellBake::from($fields->oneOf('shellBake', ShellBake::words())),
            Seal::from($fields->oneOf('seal', Seal::words())),
        );
        if ($read->dough->role !== Role::Dough) {
            $fields->fault('dough/role', 'role-does-not-fit', 'Only a food with the role "dough" fits here.');
        }
        $fields->nothingElse();

        return $read;
    }

    /** Raw dough that lines floor and wall, trimmed at the rim. */
    public function grams(Tin $tin): float
    {
        return ($tin->floorAreaMm2() + $tin->wallAreaMm2()) * $this->thicknessMm / 1000 * $this->dough->gramsPerMl;
    }

    /** Dry matter of the base alone. */
    public function baseDryGrams(Tin $tin): float
    {
        return $tin->floorAreaMm2() * $this->thicknessMm / 1000 * $this->dough->gramsPerMl * (1 - $this->dough->per100g->water / 100);
    }

    public function withShell(ShellBake $shellBake, Seal $seal): self
    {
        return new self($this->dough, $this->thicknessMm, $shellBake, $seal);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'dough' => $this->dough->toArray(),
            'thicknessMm' => $this->thicknessMm,
            'shellBake' => $this->shellBake->value,
            'seal' => $this->seal->value,
        ];
    }
}
