<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Schema;
use App\Kitchen\Kitchen;
use App\Wording\Words;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Record\Tasting;
use Hojaldre\Core\Record\TrialPies;
use Hojaldre\Core\Statement\Statement;

/** A trial with what its tasters say. */
#[Schema('Trial')]
final readonly class TrialAnswer
{
    /** What chance alone does less often is taken for a difference (definition, as commonly in tastings). */
    private const SURE = 0.05;

    /**
     * @param  string  $id  uuid
     * @param  string  $begunAt  date and time, ISO 8601
     * @param  list<TrialPieAnswer>  $pies  A, B, C, D
     * @param  list<TastingAnswer>  $tastings
     * @param  int|null  $best  number of the pie that is put best, from 0 on; null where two share the place
     * @param  float  $chance  0 to 1, that tasters who taste no difference are as much of one mind
     * @param  string  $says  in a sentence
     * @param  string  $differs  what the pies differ in, where it is more than one thing or nothing; else empty
     */
    private function __construct(public string $id, public string $name, public string $begunBy, public string $begunAt, public array $pies, public array $tastings, public ?int $best, public float $chance, public string $says, public string $differs)
    {
    }

    public static function of(Kitchen $kitchen, StoredTrial $trial, Words $words): self
    {
        $pies = $trial->trialPies();
        $tastings = StoredTasting::of($trial);
        $tasting = Tasting::of(count($pies), array_map(static fn (StoredTasting $one): array => $one->best_first, $tastings));
        $best = $tasting->best();
        $how = match (true) {
            $tasting->tasters === 0 => 'trial.none',
            $best === null => 'trial.level',
            $tasting->chance <= self::SURE => 'trial.sure',
            default => 'trial.unsure',
        };
        $says = new Statement($how, ['tasters' => $tasting->tasters, 'letter' => $best === null ? '' : chr(ord('A') + $best), 'best' => $best === null ? '' : $pies[$best]->name, 'firsts' => $best === null ? 0 : $tasting->firsts[$best], 'oneIn' => (int) floor(1 / max(1e-4, $tasting->chance))]);

        return new self(
            $trial->id, $trial->name, $trial->begun_by, $trial->begun_at->toIso8601String(),
            array_map(static fn (TrialPie $pie, int $at): TrialPieAnswer => new TrialPieAnswer(chr(ord('A') + $at), $pie->name, $pie->bake, round($tasting->meanPlaces[$at], 2), $tasting->firsts[$at]), $pies, array_keys($pies)),
            array_map(static fn (StoredTasting $one): TastingAnswer => new TastingAnswer($one->id, $one->taster, implode('', array_map(static fn (int $at): string => chr(ord('A') + $at), $one->best_first))), $tastings),
            $best, round($tasting->chance, 4), $words->say($says), self::differs($kitchen, $pies, $words),
        );
    }

    /** @param  list<TrialPie>  $pies */
    private static function differs(Kitchen $kitchen, array $pies, Words $words): string
    {
        $ids = array_values(array_filter(array_map(static fn (TrialPie $one): ?string => $one->bake, $pies)));
        $by = StoredBake::of($kitchen)->whereIn('id', $ids)->get()->keyBy('id');
        $designs = array_values(array_filter(array_map(static fn (string $id): ?Pie => $by->get($id)?->pie(), $ids)));
        $differ = TrialPies::differences($designs);
        // of a pie that is not in the book nothing is known
        $isClear = count($designs) < 2 || count($differ) === 1 || ($differ === [] && count($designs) < count($pies));

        return $isClear ? '' : $words->say(new Statement($differ === [] ? 'trial.alike' : 'trial.differ', ['things' => $words->list(array_map(static fn (string $one): string => $words->word('trial-part', $one), $differ))]));
    }
}
