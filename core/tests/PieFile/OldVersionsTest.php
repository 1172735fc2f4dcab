<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\PieFile;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\OldVersions;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\RandomPie;
use PHPUnit\Framework\TestCase;

/** Documents of earlier versions: brought up to date, and judged only afterwards. */
final class OldVersionsTest extends TestCase
{
    public function test_a_document_of_today_is_left_as_it_is(): void
    {
        foreach (RandomPie::many(20) as $pie) {
            $document = (array) json_decode(PieFile::write($pie), true);
            self::assertSame($document, OldVersions::lift($document));
        }
    }

    public function test_any_pie_written_the_old_way_is_the_same_pie(): void
    {
        foreach (RandomPie::many(60, seed: 12) as $pie) {
            self::assertEquals($pie, PieFile::fromDocument(self::asVersion2((array) json_decode(PieFile::write($pie), true))), $pie->name);
        }
    }

    public function test_puff_is_known_by_its_id_and_everything_else_is_short(): void
    {
        foreach (['ready-puff' => 'puff', 'own-rough-puff' => 'puff', 'shortcrust' => 'short', 'own-hot-water' => 'short'] as $id => $kind) {
            $lifted = OldVersions::lift(['format' => 'hojaldre-pie', 'version' => 2, 'crust' => ['dough' => ['id' => $id, 'role' => 'dough', 'per100g' => []]], 'layers' => [], 'seasonings' => [], 'bake' => []]);
            self::assertSame($kind, $lifted['crust']['dough']['doughKind'] ?? null, $id);
        }
    }

    public function test_folded_discs_of_version_five_are_half_moons(): void
    {
        $lifted = OldVersions::lift(['version' => 5, 'tin' => ['shape' => 'folded-discs', 'discs' => 6, 'discDiameterMm' => 180], 'assumed' => [['place' => '/tin/discs'], ['place' => '/tin/discDiameterMm'], ['place' => '/portions']]]);
        self::assertSame(6, $lifted['version']);
        self::assertEquals(['shape' => 'folded', 'fold' => 'half-moon', 'pieces' => 6, 'lengthMm' => 180, 'widthMm' => null], $lifted['tin']);
        self::assertSame(['/tin/pieces', '/tin/lengthMm', '/portions'], array_column((array) $lifted['assumed'], 'place'));
        self::assertSame(['ventedLate' => false], array_slice((array) (OldVersions::lift(['version' => 5, 'crust' => ['lid' => ['glaze' => 'egg']]])['crust']['lid'] ?? null), -1));
        $other = OldVersions::lift(['version' => 5, 'tin' => ['shape' => 'springform', 'diameterMm' => 230, 'depthMm' => 60]]);
        self::assertSame(['shape' => 'springform', 'diameterMm' => 230, 'depthMm' => 60], $other['tin']);
    }

    public function test_what_is_broken_stays_broken_for_the_reader_to_name(): void
    {
        foreach ([[], ['version' => 2], ['version' => 2, 'layers' => 'none'], ['version' => 2, 'layers' => [7], 'crust' => 5, 'bake' => null], ['version' => 'two'], ['version' => 1, 'layers' => [['kind' => 'solid']]]] as $document) {
            self::assertIsArray(OldVersions::lift($document));
        }
        self::assertSame(6, Pie::VERSION);
        $this->expectExceptionMessage('version-too-new');
        OldVersions::lift(['version' => Pie::VERSION + 1]);
    }

    /**
     * The same document as version 2 had it.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function asVersion2(array $document): array
    {
        $document['version'] = 2;
        $document['bake']['ware'] = $document['bake']['tinMaterial'];
        unset($document['bake']['tinMaterial']);
        foreach ($document['layers'] as &$layer) {
            $layer['kind'] = $layer['kind'] === 'scattered' ? 'absorbent' : $layer['kind'];
        }
        unset($layer);

        return self::withoutDoughKind($document);
    }

    /**
     * @param  array<array-key, mixed>  $place
     * @return array<array-key, mixed>
     */
    private static function withoutDoughKind(array $place): array
    {
        unset($place['doughKind']);

        return array_map(static fn (mixed $one): mixed => is_array($one) ? self::withoutDoughKind($one) : $one, $place);
    }
}
