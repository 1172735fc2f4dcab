<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\Kitchen;
use App\Kitchen\User;
use App\Oven\KitchenOven;
use App\People\Deed;
use App\People\KitchenAct;
use App\Pie\StoredPie;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Oven\Matched;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DecideLesson
{
    #[OA\Put(path: '/kitchens/{kitchen}/lessons', operationId: 'decideLesson', summary: 'Take what the kitchen has learned into use, refuse it, or take the decision back. What is taken of an oven goes into the dials and pies that name it.', tags: ['Record'], requestBody: new Body(LessonWish::class), responses: [
        new Answer(200, 'The lessons', LessonList::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'There is no such lesson'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $wish = Body::read($request, LessonWish::class);
        $lesson = array_values(array_filter(Lessons::of($here, $user)->lessons, static fn (LessonAnswer $one): bool => $one->thing === $wish->thing))[0] ?? throw Refused::because('no-such-lesson', '/thing');
        $before = KitchenLesson::of($here)[$wish->thing] ?? null;
        if ($before?->state === LessonState::Accepted->value && $wish->state !== LessonState::Accepted) {
            self::use($here, $user, $wish->thing, $before->was);
        }
        if ($wish->state === LessonState::Offered) {
            KitchenLesson::drop($here, $wish->thing);
        } else {
            KitchenLesson::put($here, $wish->thing, $wish->state, $lesson->says, $lesson->inUse, $user->name);
        }
        if ($wish->state === LessonState::Accepted) {
            self::use($here, $user, $wish->thing, $lesson->says);
        }
        KitchenAct::note($here, $user->name, Deed::LessonDecided, $lesson->name, $wish->state->value);

        return Json::response(Lessons::of($here, $user));
    }

    /** Of an oven it goes into its dial, and into the pies that name it; a colour becomes what the cook begins with; the rest is looked up where it is used. */
    private static function use(Kitchen $kitchen, User $user, string $thing, float $value): void
    {
        [$kind, $id] = explode(':', $thing, 2) + ['', ''];
        if ($kind === 'colour') {
            $user->fill(['colour' => ColourWish::nearest($value)])->save();
        }
        if ($kind !== 'oven' && $kind !== 'below') {
            return;
        }
        $oven = KitchenOven::query()->where('kitchen_id', $kitchen->id)->where('id', $id)->first() ?? throw Refused::because('no-such-lesson', '/thing');
        $new = $kind === 'oven' ? ['runs_by_kelvins' => round(max(-60.0, min(60.0, $value)))] : ['below_factor' => round(max(0.3, min(3.0, $value / 100)), 3)];
        KitchenOven::put($kitchen, $id, ['name' => $oven->name, 'mode' => $oven->mode->value, 'notes' => $oven->notes, 'runs_by_kelvins' => $oven->runs_by_kelvins, 'below_factor' => $oven->below_factor, ...$new]);
        $runsBy = $new['runs_by_kelvins'] ?? $oven->runs_by_kelvins;
        $below = $new['below_factor'] ?? $oven->below_factor;
        foreach ($kitchen->pies()->whereNull('archived_at')->get() as $stored) {
            self::intoPie($stored, $user, $oven->name, $runsBy, $below);
        }
    }

    private static function intoPie(StoredPie $stored, User $user, string $oven, float $runsBy, float $below): void
    {
        $design = $stored->newest()->pie();
        $bake = $design->bake;
        if ($bake->oven?->name !== $oven) {
            return;
        }
        $matched = abs($below - 1) < 0.01 ? null : new Matched($bake->matched->ovenKelvins ?? 0.0, $below, $bake->matched->weepFactor ?? 1.0);
        $stored->saveOn($user, $design->withBake(new BakePlan($bake->stages, $bake->on, new Oven($oven, $runsBy), $bake->tinMaterial, $bake->colour, $matched)), $stored->revision);
    }
}
