<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Advice\ShellAdvice;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AdviseShell
{
    #[OA\Post(path: '/kitchens/{kitchen}/shell', operationId: 'adviseShell', summary: 'Par-bake or not, with the minutes, the looks and the weights.', tags: ['Advice'], requestBody: new Body(Pie::class), responses: [
        new Answer(200, 'The advice', ShellAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design is refused, every fault with its mend'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $advice = ShellAdvice::of(PieFile::read($request->getContent()));

        return Json::response(new ShellAnswer($advice === null ? null : ShellAdviceAnswer::of($advice, $user->words())));
    }
}
