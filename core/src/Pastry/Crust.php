<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\OfRole;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\Tin;

/** The pastry: what dough, how thick, whether it lines the tin, how far baked before filling, what seals it, and the lid. */
final readonly class Crust implements Judged
{
    /** A limit of ours (definition). */
    public const MOST_STAGES = 4;

    /**
     * @param  float  $thicknessMm  rolled
     * @param  list<ShellStage>  $shell  what the empty shell goes through before it is filled
     */
    public function __construct(
        #[OfRole(Role::Dough)] public Food $dough,
        #[Number(1, 15, 'mm')] public float $thicknessMm,
        #[ListOf(ShellStage::class, self::MOST_STAGES)] public array $shell,
        public Seal $seal,
        public Lining $lining = Lining::Tin,
        public ?Lid $lid = null,
    ) {
    }

    public function refusals(): array
    {
        return $this->lining === Lining::LidOnly && $this->lid === null ? [new Refusal('lid-missing', '/lid')] : [];
    }

    /** Raw dough that lines floor and wall, trimmed at the rim, and the lid with its openings cut out. */
    public function grams(Tin $tin): float
    {
        return $this->liningMm3($tin) / 1000 * $this->dough->gramsPerMl + $this->lidGrams($tin);
    }

    public function lidGrams(Tin $tin): float
    {
        // the upper half of a fold is counted with its disc; its lid only says how it is finished
        return $this->lid === null || $tin instanceof FoldedPieces ? 0.0
            : self::rimAreaMm2($tin) * (1 - $this->lid->openShare) * $this->lid->thicknessMm / 1000 * $this->dough->gramsPerMl;
    }

    /** The thickness that takes room in the tin: none where it is not lined. */
    public function liningThicknessMm(): float
    {
        return $this->lining === Lining::Tin ? $this->thicknessMm : 0.0;
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
        return $this->lining === Lining::LidOnly ? 0.0 : $tin->floorAreaMm2() * $this->thicknessMm / 1000 * $this->dough->gramsPerMl * (1 - $this->dough->per100g->water / 100);
    }

    public function shellBake(): ShellBake
    {
        return ShellStage::reaches($this->shell);
    }

    public function withLid(Lid $lid): self
    {
        return new self($this->dough, $this->thicknessMm, $this->shell, $this->seal, $this->lining, $lid);
    }

    public function withDough(Food $dough): self
    {
        return new self($dough, $this->thicknessMm, $this->shell, $this->seal, $this->lining, $this->lid);
    }

    /** Both sides of a fold are one sheet: the lid goes with it. */
    public function rolledTo(float $thicknessMm): self
    {
        return new self($this->dough, $thicknessMm, $this->shell, $this->seal, $this->lining, $this->lid === null ? null : new Lid($thicknessMm, $this->lid->openShare, $this->lid->glaze, $this->lid->ventedLate));
    }

    /** @param  list<ShellStage>  $shell */
    public function withShell(array $shell, Seal $seal): self
    {
        return new self($this->dough, $this->thicknessMm, $shell, $seal, $this->lining, $this->lid);
    }
}
