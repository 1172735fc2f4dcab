<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Advice\Assumptions\Question;
use Hojaldre\Core\Advice\Assumptions\Questions;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AskWhatIsAssumed
{
    #[OA\Post(path: '/kitchens/{kitchen}/questions', operationId: 'askWhatIsAssumed', summary: 'What a design assumes, and how far each answer would move it.', tags: ['Advice'], requestBody: new Body(Pie::class), responses: [
        new Answer(200, 'The most telling first', QuestionList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $pie = PieFile::read($request->getContent());
        $words = $user->words();

        return Json::response(new QuestionList(array_map(static fn (Question $one): QuestionAnswer => QuestionAnswer::of($one, $pie, $words), Questions::of($pie, $user->eggs))));
    }
}
