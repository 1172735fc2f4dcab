<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What holds for the whole API. */
#[OA\Info(
    version: '1', title: 'Hojaldre',
    description: 'Units are in the names: grams, millilitres, celsius, mm, minutes. Errors are problem+json with code, at (JSON pointer into what was sent) and mend.',
)]
#[OA\Server(url: '/api')]
#[OA\Schema(schema: 'Ok', required: ['ok'], properties: [new OA\Property(property: 'ok', type: 'boolean')])]
#[OA\Schema(schema: 'Refusal', required: ['code', 'at', 'mend'], properties: [
    new OA\Property(property: 'code', type: 'string', description: 'A short stable word.'),
    new OA\Property(property: 'at', type: 'string', description: 'JSON pointer (RFC 6901) into what was sent.'),
    new OA\Property(property: 'mend', type: 'string', description: 'What to do.'),
])]
#[OA\Schema(schema: 'Problem', required: ['type', 'title', 'status', 'code', 'at', 'mend', 'refusals'], properties: [
    new OA\Property(property: 'type', type: 'string'),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'status', type: 'integer'),
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'at', type: 'string'),
    new OA\Property(property: 'mend', type: 'string'),
    new OA\Property(property: 'refusals', type: 'array', items: new OA\Items(ref: '#/components/schemas/Refusal')),
    new OA\Property(property: 'retryAfterSeconds', type: 'integer', description: 'With 429.'),
    new OA\Property(property: 'revision', description: 'With 409: the revision that was saved meanwhile.', ref: '#/components/schemas/Revision'),
])]
final class Contract
{
}
