<?php

declare(strict_types=1);

namespace App\StandIn;

use RuntimeException;

/**
 * A stand-in of a device: a process of its own that speaks the open interface of docs/formats, HTTP and JSON lines, as a bridge to a
 * real one could. One loop, no threads: nobody who listens can hold up another.
 */
final class DeviceServer
{
    private const LINE_EVERY_SECONDS = 0.5;

    private const MOST_BYTES = 65536;

    private float $offUntil = 0.0;

    /** @var array<int, resource> who listens to JSON lines */
    private array $listening = [];

    /** @var array<int, array{resource, string}> who has not finished asking */
    private array $asking = [];

    public function __construct(private readonly int $port, private readonly SimulatedDevice $device)
    {
    }

    public function run(): never
    {
        $server = stream_socket_server("tcp://127.0.0.1:$this->port", $code, $why) ?: throw new RuntimeException("The stand-in cannot listen on port $this->port: $why");
        stream_set_blocking($server, false);
        $next = microtime(true);
        while (true) {
            $read = [$server, ...array_map(static fn (array $one) => $one[0], array_values($this->asking))];
            $none = null;
            if (stream_select($read, $none, $none, 0, 100_000) > 0) {
                foreach ($read as $one) {
                    $one === $server ? $this->accept($server) : $this->hear($one);
                }
            }
            if (microtime(true) >= $next) {
                $next = microtime(true) + self::LINE_EVERY_SECONDS;
                $this->tellAll();
            }
        }
    }

    /** @param  resource  $server */
    private function accept($server): void
    {
        $client = @stream_socket_accept($server, 0);
        if ($client === false) {
            return;
        }
        if ($this->isOff()) {
            fclose($client);

            return;
        }
        stream_set_blocking($client, false);
        $this->asking[(int) $client] = [$client, ''];
    }

    /** @param  resource  $client */
    private function hear($client): void
    {
        $heard = fread($client, self::MOST_BYTES);
        $sofar = ($this->asking[(int) $client][1] ?? '').$heard;
        if ($heard === '' || $heard === false || strlen($sofar) > self::MOST_BYTES) {
            $this->drop($client);

            return;
        }
        $this->asking[(int) $client] = [$client, $sofar];
        $parts = explode("\r\n\r\n", $sofar, 2);
        [$head, $body] = [$parts[0], $parts[1] ?? null];
        preg_match('/^content-length: *(\d+)/mi', $head, $length);
        if ($body !== null && strlen($body) >= (int) ($length[1] ?? 0)) {
            unset($this->asking[(int) $client]);
            $this->answer($client, strtok($head, "\r\n") ?: '', $body);
        }
    }

    /** @param  resource  $client */
    private function answer($client, string $request, string $body): void
    {
        [$verb, $path] = explode(' ', $request) + ['', ''];
        if ("$verb $path" === 'GET /readings') {
            fwrite($client, "HTTP/1.1 200 OK\r\nContent-Type: application/jsonl\r\nCache-Control: no-store\r\nConnection: close\r\n\r\n");
            $this->listening[(int) $client] = $client;

            return;
        }
        [$status, $said] = $this->said("$verb $path", $body);
        fwrite($client, "HTTP/1.1 $status\r\nContent-Type: application/json\r\nCache-Control: no-store\r\nContent-Length: ".strlen($said)."\r\nConnection: close\r\n\r\n$said");
        fclose($client);
    }

    /** @return array{string, string} status and body */
    private function said(string $request, string $body): array
    {
        if ($request === 'GET /reading') {
            return ['200 OK', $this->line()];
        }
        $verbs = [...$this->device->verbs(), 'off'];
        $verb = str_starts_with($request, 'POST /') ? substr($request, 6) : '';
        $asked = json_decode($body === '' ? '{}' : $body, true);
        if (! in_array($verb, $verbs, true)) {
            return ['404 Not Found', (string) json_encode(['mend' => 'It answers to GET /reading, GET /readings, POST /'.implode(', POST /', $verbs).'.'])];
        }
        if ($verb === 'off') {
            $seconds = is_array($asked) ? $asked['seconds'] ?? 10.0 : 10.0;
            $this->offUntil = microtime(true) + min(600.0, is_numeric($seconds) ? (float) $seconds : 10.0);

            return ['200 OK', $this->line()];
        }
        $mend = is_array($asked) ? $this->device->take($verb, $asked, microtime(true)) : 'Send a JSON object.';

        return $mend === null ? ['200 OK', $this->line()] : ['422 Unprocessable Content', (string) json_encode(['mend' => $mend])];
    }

    private function tellAll(): void
    {
        foreach ($this->listening as $client) {
            if ($this->isOff() || @fwrite($client, $this->line()."\n") === false || feof($client)) {
                $this->drop($client);
            }
        }
    }

    /** @param  resource  $client */
    private function drop($client): void
    {
        unset($this->asking[(int) $client], $this->listening[(int) $client]);
        fclose($client);
    }

    private function isOff(): bool
    {
        return microtime(true) < $this->offUntil;
    }

    private function line(): string
    {
        return $this->device->line(microtime(true));
    }
}
