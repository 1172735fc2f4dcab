<?php

declare(strict_types=1);

namespace Tests\Contract;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds a real answer against docs/openapi.json: the route, the status and every field of the body must be in it. */
final class ContractCheck
{
    private static ?object $contract = null;

    private static ?Validator $validator = null;

    /** @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response */
    public static function assertFits(string $method, string $uri, TestResponse $response): void
    {
        $path = self::templateOf((string) parse_url($uri, PHP_URL_PATH));
        if ($path === null) {
            Assert::assertSame(404, $response->getStatusCode(), "$method $uri answers, but the contract does not name it.");

            return;
        }
        $operation = self::contract()->paths->{$path}->{strtolower($method)} ?? null;
        $status = $response->getStatusCode();
        if ($operation === null) {
            Assert::assertSame(405, $status, "$method $path answers, but the contract does not name it.");

            return;
        }
        Assert::assertObjectHasProperty((string) $status, $operation->responses, "$method $path answered $status, which the contract does not name: ".$response->getContent());
        $type = strtok((string) $response->headers->get('Content-Type'), ';');
        $media = $operation->responses->{$status}->content;
        Assert::assertObjectHasProperty((string) $type, $media, "$method $path answered $status as $type.");
        $schema = $media->{$type}->schema;
        if (($schema->type ?? null) === 'string') {
            Assert::assertNotSame('', $response->getContent(), "$method $path $status");

            return;
        }
        self::assertBody($schema->{'$ref'}, (string) $response->getContent(), "$method $path $status");
    }

    public static function assertBody(string $reference, string $body, string $what): void
    {
        $result = self::validator()->validate(json_decode($body), 'urn:hojaldre:contract'.$reference);
        $error = $result->error();
        Assert::assertTrue($result->isValid(), "$what does not fit the contract: ".($error === null ? '' : json_encode((new ErrorFormatter)->format($error))));
    }

    /** "/api/kitchens/0190…/pies" is "/kitchens/{kitchen}/pies" in the contract. */
    private static function templateOf(string $path): ?string
    {
        $path = '/'.preg_replace('~^/?api/~', '', $path);
        foreach (array_keys((array) self::contract()->paths) as $template) {
            if (preg_match('~^'.preg_replace('~\{\w+\}~', '[^/]+', $template).'$~', $path) === 1 && ($template === $path || ! isset(self::contract()->paths->{$path}))) {
                return $template;
            }
        }

        return null;
    }

    private static function contract(): object
    {
        return self::$contract ??= (object) json_decode((string) file_get_contents(self::file()), flags: JSON_THROW_ON_ERROR);
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->setMaxErrors(3);
            self::$validator->resolver()?->registerFile('urn:hojaldre:contract', self::file());
        }

        return self::$validator;
    }

    private static function file(): string
    {
        return dirname(__DIR__, 2).'/docs/openapi.json';
    }
}
