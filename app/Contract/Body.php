<?php

declare(strict_types=1);

namespace App\Contract;

use Attribute;
use OpenApi\Attributes as OA;

/** What a route takes, as JSON of one schema. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Body extends OA\RequestBody
{
    public function __construct(string $schema)
    {
        parent::__construct(required: true, content: new OA\JsonContent(ref: "#/components/schemas/$schema"));
    }
}
