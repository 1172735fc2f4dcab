<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class PrintLabels
{
    #[OA\Post(path: '/kitchens/{kitchen}/label-sheets', operationId: 'printLabels', summary: 'Labels as a PDF: side by side on A4, or one to a page.', tags: ['Label'], requestBody: new Body(SheetWish::class), responses: [
        new OA\Response(response: 200, description: 'The labels', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string'))),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'It cannot be sold so'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): Response
    {
        $wish = Body::read($request, SheetWish::class);
        $words = $user->words();
        $label = KitchenLabel::of(InKitchen::of($request), $wish->label, $words);
        if ($label->isPast) {
            throw Refused::because('use-by-past', '/label/madeOn');
        }
        $pdf = LabelPdf::of($label, $wish, $words);

        return new Response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="labels.pdf"']);
    }
}
