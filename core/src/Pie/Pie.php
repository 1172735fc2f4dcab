<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Fixed;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\Tin;

/** The design of one pie: the document that is stored, sent, exported and forecast. Layers are in pouring order, lowest first. */
#[Fixed(['format' => self::FORMAT, 'version' => self::VERSION])]
final readonly class Pie implements Judged
{
    public const FORMAT = 'hojaldre-pie';

    /** Of the file; raised with every change of a field (definition). */
    public const VERSION = 6;

    /** A limit of ours (definition). */
    private const MOST_LAYERS = 30;

    /** A limit of ours (definition). */
    private const MOST_SEASONINGS = 12;

    /** A limit of ours (definition). */
    private const MOST_ASSUMED = 120;

    /** One line, without spaces at its beginning or end. */
    private const NAME = '^\S(?:.*\S)?$';

    /**
     * @param  list<Layer>  $layers
     * @param  list<Ingredient>  $seasonings
     * @param  list<Assumed>  $assumed  what nobody said yet
     */
    public function __construct(
        #[Text(1, 120, self::NAME)] public string $name,
        #[Whole(1, 500)] public int $portions,
        #[Text(0, 4000)] public string $notes,
        public Tin $tin,
        public Crust $crust,
        #[ListOf(Layer::class, self::MOST_LAYERS)] public array $layers,
        #[ListOf(Ingredient::class, self::MOST_SEASONINGS), IngredientsOfRole(Role::Seasoning)] public array $seasonings,
        public BakePlan $bake,
        #[ListOf(Assumed::class, self::MOST_ASSUMED)] public array $assumed = [],
    ) {
    }

    /** Each layer has an id of its own, and there is one custard. */
    public function refusals(): array
    {
        $refusals = $ids = [];
        $custards = 0;
        foreach ($this->layers as $index => $layer) {
            if (isset($ids[$layer->id()])) {
                $refusals[] = new Refusal('layer-twice', "/layers/$index/id");
            }
            $ids[$layer->id()] = true;
            if ($layer instanceof CustardLayer && $custards++ > 0) {
                $refusals[] = new Refusal('custard-twice', "/layers/$index/kind");
            }
        }

        return $refusals;
    }

    /** @return list<Ingredient> of the filling, in pouring order, then what seasons it; as bought */
    public function ingredients(): array
    {
        return [...array_merge(...array_map(static fn (Layer $layer): array => $layer->ingredients(), $this->layers)), ...$this->seasonings];
    }

    /** @return array<int, SolidLayer> by their place among the layers */
    public function solids(): array
    {
        return array_filter($this->layers, static fn (Layer $layer): bool => $layer instanceof SolidLayer);
    }

    /** @return array<int, ScatteredLayer> by their place among the layers */
    public function scattered(): array
    {
        return array_filter($this->layers, static fn (Layer $layer): bool => $layer instanceof ScatteredLayer);
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
            $this->tin instanceof FoldedPieces => Form::Folded,
            $this->crust->lining === Lining::LidOnly => Form::PotPie,
            $this->crust->lid === null => Form::Open,
            $this->crust->lid->isLattice() => Form::Lattice,
            default => Form::DoubleCrust,
        };
    }

    /** @return list<float> what the dial is set to for each stage of the shell and then of the bake, °C; none where no oven is chosen */
    public function dialsCelsius(): array
    {
        $oven = $this->bake->oven;

        return $oven === null ? [] : array_map(static fn (ShellStage|Stage $stage): float => $oven->dialCelsius($stage->ovenCelsius), [...$this->crust->shell, ...$this->bake->stages]);
    }

    /** What lies on the crust, below everything that is wet. */
    public function underlay(): Underlay
    {
        $first = $this->layers[0] ?? null;

        return match (true) {
            $first instanceof ScatteredLayer => Underlay::Crumbs,
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

    public function withBake(BakePlan $bake): self
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

    /** @param  list<Assumed>  $assumed */
    public function withAssumed(array $assumed): self
    {
        return $this->with(assumed: $assumed);
    }

    /** Whether what stands at this place was never said. */
    public function assumes(string $place): bool
    {
        return Assumed::has($this->assumed, $place);
    }

    public function withTin(Tin $tin): self
    {
        return $this->with(tin: $tin);
    }

    /**
     * @param  list<Layer>|null  $layers
     * @param  list<Ingredient>|null  $seasonings
     * @param  list<Assumed>|null  $assumed
     */
    private function with(
        ?string $name = null,
        ?int $portions = null,
        ?Tin $tin = null,
        ?Crust $crust = null,
        ?array $layers = null,
        ?array $seasonings = null,
        ?BakePlan $bake = null,
        ?array $assumed = null,
    ): self {
        return new self(
            $name ?? $this->name, $portions ?? $this->portions, $this->notes, $tin ?? $this->tin, $crust ?? $this->crust,
            $layers ?? $this->layers, $seasonings ?? $this->seasonings, $bake ?? $this->bake, $assumed ?? $this->assumed,
        );
    }
}
