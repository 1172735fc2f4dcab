<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Bake\ShellStage;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Moisture\Seal;
use Hojaldre\Core\Moisture\ShellBake;
use Hojaldre\Core\Moisture\Underlay;
use Hojaldre\Core\Tin\FoldedDiscs;
use Hojaldre\Core\Tin\RoundTin;
use Hojaldre\Core\Tin\Tin;

/** The design of one pie: the document that is stored, sent, exported and forecast. Layers are in pouring order, lowest first. */
final readonly class Pie
{
    public const FORMAT = 'hojaldre-pie';

    public const VERSION = 2;

    /**
     * @param  list<Layer>  $layers
     * @param  list<Ingredient>  $seasonings
     */
    public function __construct(
        public string $name,
        public int $portions,
        public string $notes,
        public Tin $tin,
        public Crust $crust,
        public array $layers,
        public array $seasonings,
        public Bake $bake,
    ) {
    }

    /** What a new pie begins as: a lined tin of the commonest size, and nothing in it (common practice, no source). */
    public static function blank(): self
    {
        return new self(
            'New pie', 8, '', RoundTin::straight(240, 35),
            new Crust(Pantry::food('shortcrust'), 3, ShellStage::usual(ShellBake::ParBaked), Seal::None),
            [], [], Bake::plain(175, 'static', 40),
        );
    }

    /** @return array<int, SolidLayer> by their place among the layers */
    public function solids(): array
    {
        return array_filter($this->layers, static fn (Layer $layer): bool => $layer instanceof SolidLayer);
    }

    /** @return array<int, AbsorbentLayer> by their place among the layers */
    public function strewn(): array
    {
        return array_filter($this->layers, static fn (Layer $layer): bool => $layer instanceof AbsorbentLayer);
    }

    public function custard(): ?CustardLayer
    {
        foreach ($this->layers as $layer) {
            if ($layer instanceof CustardLayer) {
                return $layer;
            }
        }

        return null;
    }

    public function form(): Form
    {
        return match (true) {
            $this->tin instanceof FoldedDiscs => Form::Folded,
            $this->crust->lining === 'lid-only' => Form::PotPie,
            $this->crust->lid === null => Form::Open,
            $this->crust->lid->isLattice() => Form::Lattice,
            default => Form::DoubleCrust,
        };
    }

    /** What lies on the crust, below everything that is wet. */
    public function underlay(): Underlay
    {
        $first = $this->layers[0] ?? null;

        return match (true) {
            $first instanceof AbsorbentLayer => Underlay::Crumbs,
            $first instanceof SolidLayer && $first->food->isCheese() => Underlay::Cheese,
            default => Underlay::None,
        };
    }

    public function withLayer(Layer $new): self
    {
        return $this->with(layers: array_map(static fn (Layer $layer): Layer => $layer->id() === $new->id() ? $new : $layer, $this->layers));
    }

    /** @param  list<Layer>  $layers */
    public function withLayers(array $layers): self
    {
        return $this->with(layers: $layers);
    }

    public function withName(string $name): self
    {
        return $this->with(name: $name);
    }

    public function withCrust(Crust $crust): self
    {
        return $this->with(crust: $crust);
    }

    public function withBake(Bake $bake): self
    {
        return $this->with(bake: $bake);
    }

    /** @param  list<Ingredient>  $seasonings */
    public function withSeasonings(array $seasonings): self
    {
        return $this->with(seasonings: $seasonings);
    }

    public function withPortions(int $portions): self
    {
        return $this->with(portions: $portions);
    }

    public function withFillingScaled(float $factor): self
    {
        return $this->with(
            layers: array_map(static fn (Layer $layer): Layer => $layer->scaled($factor), $this->layers),
            seasonings: array_map(static fn (Ingredient $i): Ingredient => $i->scaled($factor), $this->seasonings),
        );
    }

    public function withTin(Tin $tin): self
    {
        return $this->with(tin: $tin);
    }

    /**
     * @param  list<Layer>|null  $layers
     * @param  list<Ingredient>|null  $seasonings
     */
    private function with(
        ?string $name = null,
        ?int $portions = null,
        ?Tin $tin = null,
        ?Crust $crust = null,
        ?array $layers = null,
        ?array $seasonings = null,
        ?Bake $bake = null,
    ): self {
        return new self(
            $name ?? $this->name, $portions ?? $this->portions, $this->notes, $tin ?? $this->tin, $crust ?? $this->crust,
            $layers ?? $this->layers, $seasonings ?? $this->seasonings, $bake ?? $this->bake,
        );
    }

    /** @return array<string, mixed> in the one order that files are written in */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'portions' => $this->portions,
            'notes' => $this->notes,
            'tin' => $this->tin->toArray(),
            'crust' => $this->crust->toArray(),
            'layers' => array_map(static fn (Layer $layer): array => $layer->toArray(), $this->layers),
            'seasonings' => array_map(static fn (Ingredient $i): array => $i->toArray(), $this->seasonings),
            'bake' => $this->bake->toArray(),
        ];
    }
}
