<?php

declare(strict_types=1);

namespace App\Prep;

use App\Batch\StoredBatch;
use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ExportList
{
    #[OA\Get(path: '/kitchens/{kitchen}/batches/{batch}/lists/{list}', operationId: 'exportList', summary: 'A list of a batch as CSV or as plain text: shop.csv, shop.txt, weigh.csv, weigh.txt, prep.csv, prep.txt.', tags: ['Prep'], responses: [
        new OA\Response(response: 200, description: 'The list', content: [new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')), new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string'))]),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen, or no such list'),
    ])]
    #[InPath]
    #[InPath('batch')]
    #[InPath('list', format: null)]
    public function __invoke(Request $request, string $kitchen, string $batch, string $list): Response
    {
        $here = InKitchen::of($request);
        $stored = StoredBatch::inKitchen($here, $batch);
        [$name, $kind] = explode('.', $list);
        $answer = PrepAnswer::of(BatchPrep::of($here, $stored->document()), [], User::wordsOf($request));
        $text = $kind === 'csv' ? ListText::csv($answer, $name) : ListText::plain($answer, $name, $stored->name);

        return new Response($text, 200, [
            'Content-Type' => $kind === 'csv' ? 'text/csv; charset=utf-8' : 'text/plain; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.$name.'.'.$kind.'"',
        ]);
    }
}
