<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Forecast\SectionAnswer;
use App\Kitchen\User;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Advice\OnHand\Example;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Statement\Statement;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListBeginnings
{
    #[OA\Get(path: '/kitchens/{kitchen}/beginnings', operationId: 'listBeginnings', summary: 'The eight kinds that cooks begin with, each with what it commonly is.', tags: ['Pie'], responses: [
        new Answer(200, 'All of them', BeginningList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        $words = $user->words();

        return Json::response(new BeginningList(array_map(static fn (PieKind $kind): BeginningAnswer => self::beginning($kind, $user, $words), PieKind::cases())));
    }

    private static function beginning(PieKind $kind, User $user, Words $words): BeginningAnswer
    {
        $pie = Beginning::of($kind);
        $pie = $pie->withName($words->word('kind', $kind))->withBake($pie->bake->withColour($user->colour));
        $sets = $words->say(new Statement('beginning.sets', [
            'tin' => $words->say(TinWords::label($pie->tin)), 'dough' => mb_strtolower($pie->crust->dough->name), 'thickMm' => $pie->crust->thicknessMm,
            'shell' => match ($pie->crust->shellBake()) {
                ShellBake::Raw => 'raw',
                ShellBake::ParBaked => 'pale',
                ShellBake::FullyBaked => 'through',
            }, 'oven' => $words->oven($pie->bake->first()->ovenCelsius), 'minutes' => $pie->bake->minutes(),
        ]));

        return new BeginningAnswer($kind, $words->word('kind', $kind), $words->word('kind-sign', $kind), $sets, $pie, SectionAnswer::of(Section::of(Weights::of(Example::of($kind))), $words));
    }
}
