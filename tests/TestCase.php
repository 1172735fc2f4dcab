<?php

declare(strict_types=1);

namespace Tests;

use App\Kitchen\Kitchen;
use App\Kitchen\OpenKitchen;
use App\Kitchen\Role;
use App\Kitchen\User;
use App\Pie\StoredPie;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\TroutQuiche;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\Contract\ContractCheck;

/** Feature tests run on the private PostgreSQL, in a database of their own, and hold every answer against the contract. */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    /** Commands are run, not acted out. */
    public $mockConsoleOutput = false;

    public function createApplication(): Application
    {
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function beforeRefreshingDatabase(): void
    {
        // what older code answered
        File::deleteDirectory(storage_path('answers'));
        $database = DB::connection()->getDatabaseName();
        self::assertStringStartsWith('hojaldre_test', $database, 'Tests would wipe the database of a kitchen.');
    }

    /**
     * @param  string  $method
     * @param  string  $uri
     * @param  array<mixed>  $parameters
     * @param  array<mixed>  $cookies
     * @param  array<mixed>  $files
     * @param  array<mixed>  $server
     * @param  string|null  $content
     */
    /** A bake that was put down two days ago: what is pressed of it may lie back so far. */
    protected static function putDownLongAgo(string $bake): void
    {
        DB::table('bakes')->where('id', $bake)->update(['created_at' => now()->subDays(2)]);
    }

    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        ContractCheck::assertFits($method, $uri, $response);

        return $response;
    }

    protected function kitchen(string $name = 'The Lock House', string $email = 'ada@lockhouse.example'): Kitchen
    {
        return (new OpenKitchen)($name, 'Ada', $email, 'golden crust');
    }

    protected function member(Kitchen $kitchen, Role $role = Role::Owner): User
    {
        $user = $kitchen->members()->wherePivot('role', $role->value)->first();
        if ($user instanceof User) {
            return $user;
        }
        $user = User::query()->create(['name' => ucfirst($role->value), 'email' => "$role->value.$kitchen->id@lockhouse.example", 'password' => 'golden crust']);
        $kitchen->members()->attach($user->id, ['role' => $role->value]);

        return $user;
    }

    protected function stored(Kitchen $kitchen): StoredPie
    {
        return StoredPie::putDown($kitchen, $this->member($kitchen), $this->trout());
    }

    protected function trout(): Pie
    {
        return TroutQuiche::pie();
    }

    /** @return array<string, mixed> the quiche as it is sent */
    protected function design(): array
    {
        return DocumentWriter::write($this->trout());
    }

    protected function troutFile(): string
    {
        return PieFile::write($this->trout());
    }
}
