<?php

declare(strict_types=1);

namespace Tests\Problem;

use Tests\TestCase;

/** Before sign-in and before anything is decoded. */
final class BoundJsonTest extends TestCase
{
    public function test_a_body_over_256_kilobytes_is_refused(): void
    {
        $this->send('{"email":"'.str_repeat('a', 256 * 1024).'"}')->assertStatus(413)->assertJsonPath('code', 'too-large');
    }

    public function test_thousands_of_numeric_keys_are_refused_before_they_are_decoded(): void
    {
        // multiples of a power of two fall into one chain of the decoder's table
        $keys = implode(',', array_map(static fn (int $i): string => sprintf('"%d":0', $i * 16384), range(0, 10000)));
        $this->send("{{$keys}}")->assertStatus(413)->assertJsonPath('code', 'too-many-keys');
        $this->send('{"email":"a@b.example","password":{'.$keys.'}}')->assertStatus(413);
    }

    public function test_an_ordinary_body_passes(): void
    {
        $this->send('{"email":"nobody@lockhouse.example","password":"x"}')->assertStatus(422);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $body): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', '/api/session', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
    }
}
