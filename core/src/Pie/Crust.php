<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Bake\ShellStage;
use Hojaldre\Core\Fields;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Moisture\Seal;
use Hojaldre\Core\Moisture\ShellBake;
use Hojaldre\Core\Tin\Tin;

/** The pastry: what dough, how thick, whether it lines the tin, how far baked before filling, what seals it, and the lid. */
final readonly class Crust
{
    private const MOST_STAGES = 4;

    /**
     * @param  float  $thicknessMm  rolled, 1 to 15
     * @param  list<ShellStage>  $shell  what the empty shell goes through before it is filled
     * @param  string  $lining  of LININGS
     */
    public function __construct(
        public Food $dough,
        public float $thicknessMm,
        public array $shell,
        public Seal $seal,
        public string $lining = 'tin',
        public ?Lid $lid = null,
    ) {
    }

    public const LININGS = ['tin', 'lid-only'];

    public static function read(Fields $fields): self
    {
        $read = new self(
            Food::read($fields->object('dough')),
            $fields->number('thicknessMm', 1, 15, 'mm'),
            array_map(ShellStage::read(...), $fields->objects('shell', self::MOST_STAGES)),
            Seal::from($fields->oneOf('seal', Seal::words())),
            $fields->oneOf('lining', self::LININGS),
            ($lid = $fields->objectOrNull('lid')) === null ? null : Lid::read($lid),
        );
        if ($read->lining === 'lid-only' && $read->lid === null) {
            $fields->fault('lid', 'missing', 'A dish that is not lined needs a lid: add one, or line it ("lining": "tin").');
        }
        if ($read->dough->role !== Role::Dough) {
            $fields->fault('dough/role', 'role-does-not-fit', 'Only a food with the role "dough" fits here.');
        }
        $fields->nothingElse();

        return $read;
    }

    /** Raw dough that lines floor and wall, trimmed at the rim, and the lid with its openings cut out. */
    public function grams(Tin $tin): float
    {
        return $this->liningMm3($tin) / 1000 * $this->dough->gramsPerMl + $this->lidGrams($tin);
    }

    public function lidGrams(Tin $tin): float
    {
        return $this->lid === null ? 0.0
            : self::rimAreaMm2($tin) * (1 - $this->lid->openShare) * $this->lid->thicknessMm / 1000 * $this->dough->gramsPerMl;
    }

    /** The thickness that takes room in the tin: none where it is not lined. */
    public function liningThicknessMm(): float
    {
        return $this->lining === 'tin' ? $this->thicknessMm : 0.0;
    }

    private function liningMm3(Tin $tin): float
    {
        return ($tin->floorAreaMm2() + $tin->wallAreaMm2()) * $this->liningThicknessMm();
    }

    /** From the volume of the last half millimetre, which every tin can tell. */
    private static function rimAreaMm2(Tin $tin): float
    {
        $depth = $tin->depthMm();

        return ($tin->volumeMl($depth) - $tin->volumeMl($depth - 0.5)) * 1000 / 0.5;
    }

    /** Dry matter of the base alone. */
    public function baseDryGrams(Tin $tin): float
    {
        return $this->lining === 'lid-only' ? 0.0 : $tin->floorAreaMm2() * $this->thicknessMm / 1000 * $this->dough->gramsPerMl * (1 - $this->dough->per100g->water / 100);
    }

    public function shellBake(): ShellBake
    {
        return ShellStage::reaches($this->shell);
    }

    /** @param  list<ShellStage>  $shell */
    public function withShell(array $shell, Seal $seal): self
    {
        return new self($this->dough, $this->thicknessMm, $shell, $seal, $this->lining, $this->lid);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'dough' => $this->dough->toArray(),
            'thicknessMm' => $this->thicknessMm,
            'shell' => array_map(static fn (ShellStage $stage): array => $stage->toArray(), $this->shell),
            'seal' => $this->seal->value,
            'lining' => $this->lining,
            'lid' => $this->lid?->toArray(),
        ];
    }
}
