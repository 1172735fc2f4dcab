<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class ExportPie
{
    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}/file', operationId: 'exportPie', summary: 'A pie as a file that any kitchen can bring in.', tags: ['Pie'], responses: [
        new Answer(200, 'The file', Pie::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, string $kitchen, string $pie): Response
    {
        $design = StoredPie::inKitchen(InKitchen::of($request), $pie)->newest()->pie();
        $name = Str::slug($design->name) ?: 'pie';

        return new Response(PieFile::write($design), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"$name.pie.json\"",
        ]);
    }
}
