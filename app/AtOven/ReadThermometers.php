<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ReadThermometers
{
    #[OA\Get(path: '/kitchens/{kitchen}/thermometers', operationId: 'readThermometers', summary: 'What probe and oven thermometer of the kitchen read now; it never waits for one that is gone.', tags: ['AtOven'], responses: [
        new Answer(200, 'The readings, or that there are none', ThermometersAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(): JsonResponse
    {
        [$probe, $oven] = [config('app.probe'), config('app.oven')];

        return Json::response(new ThermometersAnswer(DeviceReading::celsius(is_string($probe) ? $probe : ''), DeviceReading::celsius(is_string($oven) ? $oven : '')));
    }
}
