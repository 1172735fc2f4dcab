<?php

declare(strict_types=1);

namespace App\Contract;

use Attribute;
use OpenApi\Attributes as OA;

/** One answer of a route in the contract: its status and the schema of its body. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final class Answer extends OA\Response
{
    public function __construct(int $status, string $description, string $schema)
    {
        parent::__construct(
            response: $status,
            description: $description,
            content: new OA\MediaType(
                mediaType: $schema === 'Problem' ? 'application/problem+json' : 'application/json',
                schema: new OA\Schema(ref: "#/components/schemas/$schema"),
            ),
        );
    }
}
