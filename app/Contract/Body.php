<?php

declare(strict_types=1);

namespace App\Contract;

use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\PieFile\OldVersions;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What a route takes, as JSON of one class. */
final class Body extends OA\RequestBody
{
    /** @var class-string */
    private readonly string $class;

    /** @param  class-string  $class */
    public function __construct(string $class)
    {
        $this->class = $class;
        parent::__construct(required: true, content: new OA\JsonContent(ref: '#/components/schemas/'.Schema::nameOf($class)));
    }

    /** @return class-string  of the JSON */
    public function holds(): string
    {
        return $this->class;
    }

    /**
     * Reads it by the shape that the class declares; a design of an older version is brought up to date first.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     *
     * @throws Refused with every fault found
     */
    public static function read(Request $request, string $class): object
    {
        $body = $request->json()->all();
        if (is_array($body['design'] ?? null)) {
            $body['design'] = OldVersions::lift($body['design']);
        }

        return DocumentReader::read($class, $body);
    }
}
