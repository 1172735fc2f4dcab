<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class JudgeBake
{
    #[OA\Put(path: '/kitchens/{kitchen}/bakes/{bake}/judgement', operationId: 'judgeBake', summary: 'How a bake came out, in four words, by its faults, and what to think of next time.', tags: ['Record'], requestBody: new Body(JudgementWish::class), responses: [
        new Answer(200, 'The bake', BakeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake): JsonResponse
    {
        $stored = StoredBake::inKitchen(InKitchen::of($request), $bake);
        $wish = Body::read($request, JudgementWish::class);
        if ($stored->out_at === null) {
            throw Refused::because('not-out-yet', '');
        }
        $faults = array_map(static fn (FaultName $one): string => $one->value, $wish->faults);
        $words = $user->words();
        $named = implode(' ', array_map(static fn (string $fault): string => $words->word('fault', $fault), $faults));
        $stored->fill([
            'underside' => $wish->underside?->value, 'slice' => $wish->slice?->value, 'colour' => $wish->colour?->value, 'salt' => $wish->salt?->value, 'faults' => $faults, 'words' => trim($wish->words), 'next_time' => trim($wish->nextTime),
            'judged_by' => $user->name, 'judged_at' => now(),
            'looked_for' => explode(' | ', $stored->looked_for)[0].' | '.mb_strtolower(implode(' ', array_filter([$wish->underside?->value, $wish->slice?->value, $wish->colour?->value, $wish->salt?->value, $named, trim($wish->words)]))),
        ])->save();

        return Json::response(BakeAnswer::of(RecordedBake::of($stored), $words));
    }
}
