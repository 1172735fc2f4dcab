<?php

declare(strict_types=1);

namespace Tests\Cli;

use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Advice\WaysOut;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** `./hojaldre forecast` as a cook types it: the real command in a process of its own. */
final class ForecastCommandTest extends TestCase
{
    private const DEMO = 'database/data/demo/smoked-trout-and-leek-quiche.json';

    public function test_it_prints_the_forecast_of_the_core_as_json(): void
    {
        [$out, , $exit] = self::command('forecast', self::DEMO, '--ways');
        $core = Forecast::of(PieFile::read((string) file_get_contents(self::root().'/'.self::DEMO)));
        $said = json_decode($out, true);
        self::assertSame(0, $exit);
        self::assertSame(array_map(static fn (Reading $one): array => [$one->name->value, $one->state->value], $core->readings), array_map(static fn (array $one): array => [$one['name'], $one['state']], $said['readings']));
        self::assertSame(array_map(static fn (WayOut $one): string => $one->id, WaysOut::of($core, ReadingName::Base)), array_column($said['waysOut']['base'], 'id'));
    }

    public function test_compiled_while_it_runs_it_gives_the_same_to_the_last_digit(): void
    {
        [$compiled] = self::command('forecast', self::DEMO, '--ways');
        $plain = shell_exec('php -d opcache.enable_cli=0 '.escapeshellarg(self::root().'/tools/forecast.php').' '.escapeshellarg(self::root().'/'.self::DEMO).' --ways');
        self::assertNotEmpty($plain);
        self::assertSame($plain, $compiled);
    }

    public function test_with_text_it_prints_for_people(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'pie');
        file_put_contents($file, PieFile::write(TroutQuiche::soggy()));
        [$out, , $exit] = self::command('forecast', $file, '--text', '--ways');
        [$readings] = self::command('forecast', $file, '--text');
        unlink($file);
        self::assertSame(0, $exit);
        self::assertStringNotContainsString('more from the leeks', $readings, 'ways out are searched for only where they are asked for');
        self::assertStringContainsString("Smoked trout and leek quiche\n24 cm straight tin, 3.5 cm deep", $out);
        self::assertMatchesRegularExpression('/- Press \d+ g more from the leeks, to \d+ g: soft/', $out);
        self::assertMatchesRegularExpression('/^Base +soft to soggy +soggy$/m', $out);
        self::assertStringContainsString('Contains gluten, egg, fish and milk', $out);
        self::assertStringContainsString('Local food rules and licensed advice come first', $out);
    }

    public function test_a_refused_file_ends_with_one_and_every_mend_on_standard_error(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'pie');
        file_put_contents((string) $file, str_replace('"portions": 8', '"portions": -1', (string) file_get_contents(self::root().'/'.self::DEMO)));
        [$out, $error, $exit] = self::command('forecast', (string) $file);
        unlink((string) $file);
        self::assertSame([1, ''], [$exit, $out]);
        self::assertSame('/portions', json_decode($error, true)['refusals'][0]['at']);
    }

    public function test_called_wrongly_it_ends_with_two_and_says_how(): void
    {
        self::assertSame(2, self::command('forecast')[2]);
        [, $error, $exit] = self::command('forecast', 'no-such-file.json');
        self::assertSame(2, $exit);
        self::assertStringContainsString('Cannot read no-such-file.json', $error);
    }

    public function test_a_verb_there_is_not_is_answered_with_those_there_are(): void
    {
        [, $error, $exit] = self::command('bake');
        self::assertSame(1, $exit);
        self::assertStringContainsString('There is no "bake".', $error);
        self::assertStringContainsString('./hojaldre start', $error);
    }

    /** @return array{string, string, int} standard output, standard error, exit */
    private static function command(string ...$arguments): array
    {
        $process = proc_open([self::root().'/hojaldre', ...$arguments], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, self::root());
        self::assertIsResource($process);
        [$out, $error] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [$out, $error, proc_close($process)];
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
