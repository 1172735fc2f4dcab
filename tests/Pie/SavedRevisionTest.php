<?php

declare(strict_types=1);

namespace Tests\Pie;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What the database itself refuses, whatever the app is made to ask. */
final class SavedRevisionTest extends TestCase
{
    #[TestWith(['delete from pie_revisions'])]
    #[TestWith(['update pie_revisions set saved_by = \'nobody\''])]
    #[TestWith(['truncate pie_revisions'])]
    #[TestWith(['delete from pies'])]
    #[TestWith(['delete from kitchens'])]
    #[TestWith(['drop table pie_revisions'])]
    #[TestWith(['alter table pie_revisions disable trigger all'])]
    public function test_the_role_of_the_app_may_not(string $sql): void
    {
        $this->stored($this->kitchen());
        DB::statement('set local role hojaldre_app');
        $this->expectExceptionMessageMatches('/permission denied|must be owner/');
        DB::statement($sql);
    }

    public function test_the_role_of_the_app_rules_nothing(): void
    {
        $role = DB::selectOne("select rolsuper, rolcreatedb, rolcreaterole, rolbypassrls from pg_roles where rolname = 'hojaldre_app'");
        self::assertSame([false, false, false, false], array_values((array) $role));
    }

    #[TestWith(['delete from pie_revisions'])]
    #[TestWith(['truncate pie_revisions'])]
    public function test_not_even_the_owner_of_the_tables_deletes_a_saved_revision(string $sql): void
    {
        $this->stored($this->kitchen());
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('never changed or deleted');
        DB::statement($sql);
    }

    public function test_the_role_of_the_app_can_do_its_work(): void
    {
        DB::statement('set local role hojaldre_app');
        $kitchen = $this->kitchen();
        $pie = $this->stored($kitchen);
        self::assertSame(2, $pie->saveOn($this->member($kitchen), $this->trout()->withPortions(9), 1)->revision);
    }
}
