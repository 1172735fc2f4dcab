<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\ReadingName as R;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;

/**
 * More bakes as cooks do them (common practice, no source), written down after the model had been fitted to the first set. Pies with a
 * lid then helped to fit how a lid browns, and two more to find a rule that was missing; the others were only looked at.
 */
final class FurtherPractice
{
    use BakesPies;

    /** @return list<PracticeBake> */
    public static function all(): array
    {
        return [...self::goodLids(), ...self::goodLookedAt(), ...self::badFitted(), ...self::badLookedAt()];
    }

    /** @return list<PracticeBake> */
    private static function goodLids(): array
    {
        return [
            PracticeBake::good('chard and ricotta, double crust 24 cm; 190 °C', true, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3, [], self::lid(2.5)),
                [self::solid('chard', 700, 330), self::solid('parmesan', 60), self::custard(['egg' => 100], ['ricotta' => 300])],
                [self::stage(190, 42)],
            ), 'gold, firm, base cooked', [R::Set, R::Base, R::Custard, R::Colour, R::Salt, R::Fill], 38, 48, BakeEvent::Golden),
            PracticeBake::good('cheese and onion pie 22 cm, cool filling; 200 °C', true, self::pie(
                new SlopedTin(190, 220, 35), self::crust('shortcrust', 3.5, [], self::lid(3.5)),
                [self::solid('onions', 400, 280), self::solid('hard-cheese', 300), self::solid('potatoes', 250, 245)],
                [self::stage(200, 38)],
            ), 'gold, base cooked', [R::Base, R::Colour, R::Salt, R::Fill], 32, 42, BakeEvent::Golden),
            PracticeBake::good('minced beef on a plate 23 cm, cold filling; 200 °C', true, self::pie(
                new SlopedTin(190, 230, 35), self::crust('shortcrust', 3.5, [], self::lid(3.5)),
                [self::solid('minced-beef', 600, 480, 5.0), self::solid('onions', 200, 130, 5.0), self::solid('carrots', 100, 90, 5.0)],
                [self::stage(200, 40)],
            ), 'gold, hot through', [R::Base, R::Colour, R::Safe, R::Fill], 32, 45, BakeEvent::Golden),
            PracticeBake::good('chicken and mushrooms lukewarm under puff; 200 °C', true, self::pie(
                new MeasuredDish(1800, 55), self::lidOnly('ready-puff', 3),
                [self::solid('cooked-chicken', 600, null, 40.0), self::solid('mushrooms', 300, 180, 40.0), self::custard([], ['creme-fraiche' => 300], 40.0)],
                [self::stage(200, 33)],
            ), 'gold and risen, bubbling', [R::Colour, R::Set, R::Custard, R::Safe], 25, 38, BakeEvent::Golden),
            PracticeBake::good('raw fish in cold cream under puff; 200 °C', true, self::pie(
                new MeasuredDish(1500, 50), self::lidOnly('ready-puff', 3),
                [self::solid('cod', 400, null, 5.0), self::solid('smoked-haddock', 200, null, 5.0), self::solid('prawns', 150, null, 5.0), self::solid('leeks', 200, 150), self::custard([], ['double-cream' => 300], 15.0)],
                [self::stage(200, 38)],
            ), 'gold, fish cooked', [R::Colour, R::Safe, R::Set, R::Custard], 30, 40, BakeEvent::Golden),
            PracticeBake::good('chickpeas in hot tomato sauce under a short lid; 200 °C', true, self::pie(
                new MeasuredDish(1500, 50), self::lidOnly('shortcrust', 3),
                [self::solid('chickpeas', 480, null, 60.0), self::solid('tomatoes', 500, 400, 60.0), self::solid('onions', 200, 130, 60.0)],
                [self::stage(200, 40)],
            ), 'gold, bubbling', [R::Colour, R::Fill, R::Safe], 36, 46, BakeEvent::Golden),
            PracticeBake::good('turkey and ham under puff; 200 °C', true, self::pie(
                new MeasuredDish(1600, 45), self::lidOnly('ready-puff', 3),
                [self::solid('minced-turkey', 500, 400, 30.0), self::solid('cooked-ham', 200, null, 20.0), self::solid('leeks', 300, 220, 30.0), self::custard([], ['soured-cream' => 250], 10.0)],
                [self::stage(200, 32)],
            ), 'gold, hot', [R::Colour, R::Safe, R::Set, R::Custard], 26, 36, BakeEvent::Golden),
            PracticeBake::good('eight eggs and bacon in puff, double crust 23 cm; 200 then 180 °C', true, self::pie(
                new StraightTin(230, 35), self::crust('ready-puff', 3, [], self::lid(3)),
                [self::solid('streaky-bacon', 300, 200), self::solid('peas', 80), self::custard(['egg' => 400], ['whole-milk' => 60])],
                [self::stage(200, 20), self::stage(180, 20)], salt: 0,
            ), 'gold; the eggs are firm, as they should be', [R::Set, R::Custard, R::Colour, R::Salt], 30, 42, BakeEvent::Golden),
            PracticeBake::good('raw sausage meat and apple, deep plate 20 cm; 190 °C', true, self::pie(
                new SlopedTin(170, 200, 40), self::crust('shortcrust', 4, [], self::lid(4)),
                [self::solid('sausage-meat', 500, null, 5.0), self::solid('apples', 150, 120), self::solid('onions', 100, 60)],
                [self::stage(190, 55)], ColourWish::Deep,
            ), 'brown, cooked through', [R::Safe, R::Colour, R::Fill, R::Base], 40, 60, BakeEvent::Safe),
        ];
    }

    /** @return list<PracticeBake> */
    private static function goodLookedAt(): array
    {
        return [
            PracticeBake::good('asparagus laid in raw, oblong 35 by 12 cm; 180 °C', false, self::pie(
                new RectangularTin(350, 120, 25, 4), self::crust('shortcrust', 3, self::half()),
                [self::solid('asparagus', 250), self::solid('parmesan', 40), self::custard(['egg' => 150], ['double-cream' => 250])],
                [self::stage(180, 30)],
            ), 'tender, cuts clean', [R::Set, R::Base, R::Custard, R::Colour, R::Fill, R::Salt], 26, 34, BakeEvent::TimeToLook),
            PracticeBake::good('broccoli and cheese in a ceramic dish; 180 °C', false, self::pie(
                new MeasuredDish(1400, 35), self::crust('shortcrust', 3, [self::weighted(190, 15), self::bare(190, 8)]),
                [self::solid('broccoli', 250, 240), self::solid('hard-cheese', 120), self::custard(['egg' => 200], ['whole-milk' => 150, 'double-cream' => 150])],
                [self::stage(180, 38)],
            ), 'set, gold', [R::Set, R::Base, R::Custard, R::Colour, R::Salt], 33, 42, BakeEvent::LightGold),
            PracticeBake::good('yolks and cream at 160 °C, fluted 24 cm', false, self::pie(
                new FlutedTin(220, 240, 28, 26, 4), self::crust('shortcrust', 3, [self::weighted(190, 20), self::bare(180, 8)]),
                [self::solid('streaky-bacon', 180, 110), self::custard(['egg' => 150, 'egg-yolk' => 34], ['double-cream' => 350])],
                [self::stage(160, 38)], ColourWish::Straw,
            ), 'trembles', [R::Set, R::Base, R::Custard, R::Colour, R::Salt, R::Fill], 32, 42, BakeEvent::TimeToLook),
            PracticeBake::good('deep springform 20 cm, 6 cm high; 160 °C', false, self::pie(
                new Springform(200, 60), self::crust('shortcrust', 4, [self::weighted(190, 25), self::bare(180, 12)]),
                [self::solid('streaky-bacon', 250, 150), self::solid('onions', 200, 120), self::custard(['egg' => 300], ['double-cream' => 300, 'whole-milk' => 300])],
                [self::stage(160, 80)],
            ), 'trembles all through, cut the next day', [R::Set, R::Base, R::Custard, R::Colour, R::Salt], 70, 95, BakeEvent::TimeToLook),
            PracticeBake::good('onions, anchovies and olives on a thin sheet; 200 °C', false, self::pie(
                new RectangularTin(300, 220, 20, 4), self::crust('shortcrust', 4),
                [self::solid('onions', 1200, 480), self::solid('anchovies', 30), self::solid('olives', 50)],
                [self::stage(200, 30)], salt: 0,
            ), 'gold, crisp enough to lift', [R::Base, R::Colour, R::Salt], 25, 35, BakeEvent::Golden),
            PracticeBake::good('spinach and white cheese hand pies of puff 12 cm; 200 °C', false, self::pie(
                FoldedPieces::halfMoons(12, 120), self::crust('ready-puff', 2.5),
                [self::solid('spinach', 600, 220), self::solid('feta', 200), self::solid('ricotta', 150)],
                [self::stage(200, 22)], salt: 0,
            ), 'gold and flaky', [R::Colour, R::Salt, R::Fill, R::Base], 18, 26, BakeEvent::Golden),
            PracticeBake::good('lamb pasties, raw, 18 cm; 180 °C', false, self::pie(
                FoldedPieces::halfMoons(6, 180), self::crust('shortcrust', 3.5),
                [self::solid('lamb-shoulder', 450, null, 5.0), self::solid('potatoes', 280), self::solid('carrots', 100), self::solid('onions', 100)],
                [self::stage(180, 50)],
            ), 'cooked and gold', [R::Safe, R::Colour, R::Fill], 35, 55, BakeEvent::Safe),
            PracticeBake::good('pumpkin and white cheese 25 cm; 180 °C', false, self::pie(
                new StraightTin(250, 30), self::crust('shortcrust', 3, self::half()),
                [self::solid('pumpkin', 500, 330), self::solid('feta', 120), self::solid('sage', 5), self::custard(['egg' => 150], ['double-cream' => 220])],
                [self::stage(180, 35)],
            ), 'holds, dry base', [R::Set, R::Base, R::Custard, R::Salt, R::Colour, R::Fill], 28, 38, BakeEvent::TimeToLook),
            PracticeBake::good('kale and bacon for twelve, 30 by 20 cm; 180 °C', false, self::pie(
                new RectangularTin(300, 200, 35, 4), self::crust('shortcrust', 3, self::half()),
                [self::solid('kale', 300, 260), self::solid('streaky-bacon', 250, 150), self::solid('hard-cheese', 100), self::custard(['egg' => 300], ['whole-milk' => 250, 'double-cream' => 250])],
                [self::stage(180, 38)],
            ), 'cuts into squares', [R::Set, R::Base, R::Custard, R::Salt, R::Colour, R::Fill], 30, 40, BakeEvent::TimeToLook),
            PracticeBake::good('cauliflower and cheese over mustard 24 cm; 180 °C', false, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3, self::half()),
                [self::solid('cauliflower', 400, 370), self::solid('hard-cheese', 150), new ScatteredLayer('mustard', Pantry::food('mustard'), Amount::of(15)), self::custard(['egg' => 150], ['creme-fraiche' => 200])],
                [self::stage(180, 35)],
            ), 'holds, dry base', [R::Set, R::Base, R::Custard, R::Salt, R::Colour], 28, 40, BakeEvent::TimeToLook),
        ];
    }

    /** @return list<PracticeBake> */
    private static function badFitted(): array
    {
        return [
            PracticeBake::bad('hot stew on a raw double crust', true, self::pie(
                new StraightTin(240, 40), self::crust('shortcrust', 3, [], self::lid(3)),
                [self::solid('beef-skirt', 700, 560, 75.0), self::solid('onions', 250, 230, 75.0), self::solid('carrots', 200, 195, 75.0), self::solid('tomatoes', 250, 240, 75.0)],
                [self::stage(190, 35)],
            ), 'the base is paste', [R::Base]),
            PracticeBake::bad('unglazed double crust half an hour at 150 °C', true, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3.5, [], new Lid(3.5, 0.01, Glaze::None)),
                [self::solid('onions', 400, 280), self::solid('hard-cheese', 300)],
                [self::stage(150, 30)],
            ), 'white and raw', [R::Colour, R::Base]),
            PracticeBake::bad('lid 75 min at 220 °C', true, self::pie(
                new SlopedTin(190, 230, 35), self::crust('shortcrust', 3.5, [], self::lid(3.5)),
                [self::solid('minced-beef', 600, 480, 5.0), self::solid('onions', 200, 130, 5.0)],
                [self::stage(220, 75)],
            ), 'burnt', [R::Colour]),
            PracticeBake::bad('raw chicken, cold, under puff; 30 min', true, self::pie(
                new MeasuredDish(1800, 55), self::lidOnly('ready-puff', 3),
                [self::solid('chicken-thigh', 900, null, 5.0), self::solid('leeks', 300, null, 10.0), self::custard([], ['single-cream' => 300], 5.0)],
                [self::stage(200, 30)],
            ), 'pink in the middle', [R::Safe]),
        ];
    }

    /** @return list<PracticeBake> */
    private static function badLookedAt(): array
    {
        return [
            PracticeBake::bad('small cups 45 min at 200 °C', false, self::pie(
                new CupsTin(12, 50, 68, 30), self::crust('shortcrust', 2.5),
                [self::solid('cooked-ham', 120), self::custard(['egg' => 150], ['single-cream' => 200])],
                [self::stage(200, 45)],
            ), 'dry and brown', [R::Set, R::Colour]),
            PracticeBake::bad('deep springform out at 45 min', false, self::pie(
                new Springform(200, 60), self::crust('shortcrust', 4, [self::weighted(190, 25), self::bare(180, 12)]),
                [self::solid('streaky-bacon', 250, 150), self::custard(['egg' => 300], ['double-cream' => 300, 'whole-milk' => 300])],
                [self::stage(160, 45)],
            ), 'liquid', [R::Set]),
            PracticeBake::bad('overfilled hand pies', false, self::pie(
                FoldedPieces::halfMoons(6, 120), self::crust('ready-puff', 3),
                [self::solid('minced-beef', 800, 640, 5.0), self::solid('onions', 250, 180, 5.0)],
                [self::stage(200, 22)],
            ), 'burst open', [R::Fill]),
            PracticeBake::bad('frozen quiche baked as if it were fresh, fan 165 °C', false, self::pie(
                new StraightTin(230, 35), self::crust('shortcrust', 3, self::half()),
                [self::solid('cooked-ham', 150, null, -18.0), self::custard(['egg' => 150], ['single-cream' => 280], -18.0)],
                [new Stage(165, OvenMode::Fan, 24)],
            ), 'liquid', [R::Set]),
        ];
    }

    /** @return list<ShellStage> */
    private static function half(): array
    {
        return [self::weighted(190, 15), self::bare(190, 6)];
    }

    private static function lid(float $mm): Lid
    {
        return new Lid($mm, 0.02, Glaze::Egg);
    }

    private static function lidOnly(string $dough, float $mm): Crust
    {
        return self::crust($dough, $mm, [], self::lid($mm), lining: Lining::LidOnly);
    }
}
