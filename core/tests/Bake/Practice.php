<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\ReadingName as R;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Pie;
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
 * Bakes as cooks commonly do them, good and bad, with the minutes they commonly take and what cooks say of them (common practice,
 * no source). One half the model was fitted with, the other half was only looked at.
 */
final class Practice
{
    use BakesPies;

    /** @return list<PracticeBake> */
    public static function all(): array
    {
        return [...self::goodFitted(), ...self::goodLookedAt(), ...self::badFitted(), ...self::badLookedAt(), ...FurtherPractice::all()];
    }

    /** @return array<string, array{Pie, float, float, BakeEvent}> those that practice tells minutes of: pie, from and to, what then happens */
    public static function timed(): array
    {
        $timed = [];
        foreach (self::all() as $one) {
            if ($one->minutes !== null) {
                $timed[$one->name] = [$one->pie, ...$one->minutes];
            }
        }

        return $timed;
    }

    /** @return list<PracticeBake> */
    private static function goodFitted(): array
    {
        return [
            PracticeBake::good('puff shell 24.5 cm weighted 18, cooled; eggs, cream, salty solids; 165 °C', true, self::pie(
                new StraightTin(245, 35), self::crust('ready-puff', 3, [self::weighted(200, 18)]),
                [self::solid('streaky-bacon', 400, 200), self::solid('gruyere', 200), self::solid('onions', 180, 100), self::custard(['egg' => 150], ['single-cream' => 180])],
                [self::stage(165, 38)], ColourWish::Straw,
            ), 'crisp base, firm, lightly gold', [R::Base, R::Set, R::Custard, R::Colour, R::Fill], 35, 40, BakeEvent::LightGold),
            PracticeBake::good('raw 4 mm crust 25 cm; thick yoghurt and cheese, few eggs, vegetables steamed dry and crumbed; 180 °C', true, self::pie(
                new StraightTin(250, 35), self::crust('shortcrust', 4),
                [new ScatteredLayer('crumbs', Pantry::food('dry-crumbs'), Amount::of(20)), self::solid('courgettes', 550, 330), self::custard(['egg' => 100], ['strained-yoghurt' => 300, 'cream-cheese' => 150])],
                [self::stage(180, 40)],
            ), 'base crisp, golden', [R::Base, R::Set, R::Custard, R::Colour, R::Fill], 36, 44, BakeEvent::Golden),
            PracticeBake::good('oblong 35 by 11 cm, 190 °C weighted 10, bare 12; eggs, cream, cultured cream, cheese, bacon; 190 °C', true, self::pie(
                new RectangularTin(350, 110, 28, 4), self::crust('shortcrust', 3, [self::weighted(190, 10), self::bare(190, 12)]),
                [self::solid('streaky-bacon', 200, 100), self::solid('gruyere', 100), self::custard(['egg' => 150], ['single-cream' => 120, 'creme-fraiche' => 200])],
                [self::stage(190, 28)],
            ), 'firm to slice, dry base', [R::Base, R::Set, R::Custard, R::Colour, R::Salt], 25, 30, BakeEvent::TimeToLook),
            PracticeBake::good('puff double crust 26 cm; eggs, cream, bacon; 180 °C', true, self::pie(
                new StraightTin(260, 30), self::crust('ready-puff', 3, [], new Lid(3, 0.01, Glaze::Egg)),
                [self::solid('streaky-bacon', 300, 150), self::custard(['egg' => 200], ['single-cream' => 300])],
                [self::stage(180, 36)],
            ), 'risen and gold', [R::Colour, R::Custard, R::Fill], 30, 40, BakeEvent::Golden),
            PracticeBake::good('raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C', true, self::pie(
                new StraightTin(200, 40), self::crust('shortcrust', 4.5),
                [self::solid('leeks', 360, 250), self::custard(['egg' => 150], ['creme-fraiche' => 200])],
                [self::stage(180, 40)],
            ), 'base cooked, eaten warm', [R::Base, R::Set, R::Custard, R::Colour], 36, 44, BakeEvent::LightGold),
            PracticeBake::good('deep fluted 23 cm, 180 °C weighted 11, sealed bare 3; eggs, cream, cooked onion; 180 °C', true, self::pie(
                new FlutedTin(220, 235, 35, 32, 4), self::crust('shortcrust', 3.5, [self::weighted(180, 11), self::bare(180, 3)], null, Seal::Egg),
                [self::solid('onions', 360, 200), self::custard(['egg' => 150], ['single-cream' => 303])],
                [self::stage(180, 35)],
            ), 'crisp base, cuts clean after a rest', [R::Base, R::Set, R::Custard, R::Colour, R::Fill], 32, 38, BakeEvent::LightGold),
            PracticeBake::good('double crust 23 cm, base 218 °C weighted 8, bare 2.5; vegetables heaped, eggs, little cream; 177 °C', true, self::pie(
                new SlopedTin(200, 230, 40), self::crust('shortcrust', 3.5, [self::weighted(218, 8), self::bare(218, 2.5)], new Lid(3, 0.02, Glaze::None)),
                [self::solid('onions', 300, 170), self::solid('mushrooms', 400, 220), self::solid('leeks', 300, 210), self::custard(['egg' => 200], ['single-cream' => 100])],
                [self::stage(177, 60)],
            ), 'crisp base, the heap is intended', [R::Base, R::Colour, R::Fill, R::Custard], 55, 65, BakeEvent::Golden),
            PracticeBake::good('deep springform 23 cm, 6 mm raw; fresh cheese, seven eggs, meats; 190 °C, low first', true, self::pie(
                new Springform(230, 70), self::crust('shortcrust', 6),
                [self::solid('cooked-ham', 250), self::solid('provolone', 150), self::custard(['egg' => 350], ['ricotta' => 900])],
                [self::stage(190, 15, Rack::Low), self::stage(190, 20), self::stage(190, 33, tent: true)],
            ), 'a pick comes out clean, slices cold', [R::Set, R::Custard, R::Base, R::Fill, R::Salt], 60, 70, BakeEvent::TimeToLook),
            PracticeBake::good('shell 22 cm 232 °C weighted 17; salted drained tomatoes, mayonnaise with cheese on top; 177 °C', true, self::pie(
                new StraightTin(220, 30), self::crust('shortcrust', 3, [self::weighted(232, 17)]),
                [self::solid('tomatoes', 700, 480, drainedSalt: 6), self::custard([], ['mayonnaise' => 120]), self::solid('hard-cheese', 200)],
                [self::stage(177, 38)],
            ), 'crisp, bubbling, gold', [R::Base, R::Colour, R::Fill, R::Salt], 35, 40, BakeEvent::Golden),
            PracticeBake::good('pot pie, 3 mm lid on a hot stew; 200 °C', true, self::pie(
                new MeasuredDish(1800, 55), self::crust('ready-puff', 3, [], new Lid(3, 0.02, Glaze::Egg), lining: Lining::LidOnly),
                [self::solid('chicken-thigh', 700, 560, 60.0), self::solid('carrots', 300, 290, 60.0), self::solid('leeks', 300, 210, 60.0), self::custard([], ['single-cream' => 350], 60.0)],
                [self::stage(200, 42)],
            ), 'lid gold; there is no custard in it, and nothing wrong with that', [R::Colour, R::Custard, R::Set, R::Safe, R::Fill], 38, 45, BakeEvent::Golden),
            PracticeBake::good('pasty 20 cm, raw meat and roots; 200 °C', true, self::pie(
                FoldedPieces::halfMoons(4, 200), self::crust('shortcrust', 4),
                [self::solid('beef-skirt', 400, null, 5.0), self::solid('potatoes', 300), self::solid('swede', 150), self::solid('onions', 120)],
                [self::stage(200, 50)],
            ), 'meat and roots cooked, pastry gold', [R::Safe, R::Colour, R::Fill], 30, 60, BakeEvent::Safe),
            PracticeBake::good('small hand pie 12 cm, cold cooked filling; 220 °C', true, self::pie(
                FoldedPieces::halfMoons(12, 120), self::crust('ready-puff', 3),
                [self::solid('minced-beef', 460, 330, 5.0), self::solid('onions', 180, 100, 5.0)],
                [self::stage(220, 18)],
            ), 'gold, soft and flaky', [R::Colour, R::Safe, R::Fill, R::Base], 14, 20, BakeEvent::Golden),
            PracticeBake::good('23 cm, more egg to the dairy, for slices in the hand; 180 °C', true, self::pie(
                new StraightTin(230, 30), self::crust('shortcrust', 3, [self::weighted(190, 15), self::bare(190, 6)]),
                [self::solid('cooked-ham', 150), self::solid('spring-onions', 80), self::custard(['egg' => 300], ['whole-milk' => 200])],
                [self::stage(180, 32)],
            ), 'firm to hold, as wanted', [R::Custard, R::Set, R::Base], 28, 35, BakeEvent::TimeToLook),
        ];
    }

    /** @return list<PracticeBake> */
    private static function goodLookedAt(): array
    {
        $half = [self::weighted(190, 15), self::bare(190, 6)];

        return [
            PracticeBake::good('metal tin 23 cm, bacon and cream, four eggs; 180 °C', false, self::pie(
                new StraightTin(230, 30), self::crust('shortcrust', 3, $half),
                [self::solid('streaky-bacon', 250, 140), self::custard(['egg' => 200], ['double-cream' => 150, 'whole-milk' => 200])],
                [self::stage(180, 32)],
            ), 'trembles, then cuts clean; crisp below', [R::Set, R::Base, R::Custard, R::Salt], 27, 35, BakeEvent::TimeToLook),
            PracticeBake::good('leek tart 26 cm, leeks sweated down and drained; 180 °C', false, self::pie(
                new StraightTin(260, 30), self::crust('shortcrust', 3, $half),
                [self::solid('leeks', 700, 460), self::solid('gruyere', 80), self::custard(['egg' => 150], ['creme-fraiche' => 200])],
                [self::stage(180, 35)],
            ), 'soft filling that holds, dry base', [R::Base, R::Set, R::Custard, R::Fill], 30, 38, BakeEvent::LightGold),
            PracticeBake::good('spinach squeezed hard, feta, 24 cm, par-baked; 180 °C', false, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, $half),
                [self::solid('spinach', 900, 320), self::solid('feta', 180), self::custard(['egg' => 150], ['soured-cream' => 180])],
                [self::stage(180, 35)], salt: 0,
            ), 'holds, base dry; no salt added beside the cheese', [R::Base, R::Set, R::Custard, R::Salt, R::Fill], 30, 38, BakeEvent::TimeToLook),
            PracticeBake::good('mushrooms fried dry, 24 cm, yolks and cream; 175 °C', false, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, [self::weighted(200, 15), self::bare(190, 8)]),
                [self::solid('mushrooms', 600, 330), self::solid('shallots', 100, 60), self::custard(['egg' => 100, 'egg-yolk' => 34], ['double-cream' => 220])],
                [self::stage(175, 33)],
            ), 'tender, dry base', [R::Base, R::Set, R::Custard], 28, 36, BakeEvent::TimeToLook),
            PracticeBake::good('twelve muffin cups, puff lining, ham and cheese; 190 °C', false, self::pie(
                new CupsTin(12, 50, 68, 30), self::crust('ready-puff', 2.5),
                [self::solid('cooked-ham', 120), self::solid('hard-cheese', 100), self::custard(['egg' => 200], ['single-cream' => 200])],
                [self::stage(190, 24)],
            ), 'set, gold at the rim', [R::Set, R::Custard, R::Base], 18, 25, BakeEvent::TimeToLook),
            PracticeBake::good('salmon and dill 24 cm, four eggs; 175 °C', false, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3, $half),
                [self::solid('smoked-salmon', 200), self::solid('dill', 10), self::custard(['egg' => 200], ['single-cream' => 300])],
                [self::stage(175, 36)], salt: 0,
            ), 'tender, mildly salted on purpose', [R::Set, R::Custard, R::Salt, R::Base, R::Fill], 30, 40, BakeEvent::TimeToLook),
            PracticeBake::good('chicken and leek, double crust 24 cm, cold thick filling; 200 °C', false, self::pie(
                new StraightTin(240, 40), self::crust('shortcrust', 3.5, [], new Lid(3, 0.01, Glaze::Egg)),
                [self::solid('cooked-chicken', 500, null, 5.0), self::solid('leeks', 350, 230, 5.0), self::custard([], ['creme-fraiche' => 180], 5.0)],
                [self::stage(200, 40)],
            ), 'gold, base cooked, filling in its sauce', [R::Colour, R::Base, R::Custard, R::Set, R::Safe], 35, 45, BakeEvent::Golden),
            PracticeBake::good('steak pie, cold stew under puff; 200 °C', false, self::pie(
                new MeasuredDish(1500, 50), self::crust('ready-puff', 3.5, [], new Lid(3.5, 0.02, Glaze::Egg), lining: Lining::LidOnly),
                [self::solid('beef-skirt', 900, 560, 10.0), self::solid('onions', 200, 120, 10.0), self::solid('carrots', 200, 180, 10.0)],
                [self::stage(200, 35)],
            ), 'gold and risen', [R::Colour, R::Fill], 30, 40, BakeEvent::Golden),
            PracticeBake::good('onion tart 24 cm, onions cooked down to a third; 180 °C', false, self::pie(
                new StraightTin(240, 25), self::crust('shortcrust', 3, $half),
                [self::solid('onions', 1000, 480), self::custard(['egg' => 100], ['double-cream' => 150])],
                [self::stage(180, 32)],
            ), 'sweet and soft, holds, dry base', [R::Base, R::Set, R::Custard, R::Fill], 25, 35, BakeEvent::TimeToLook),
            PracticeBake::good('cheese and potato pasties, cooked filling; 200 °C', false, self::pie(
                FoldedPieces::halfMoons(6, 160), self::crust('shortcrust', 3.5),
                [self::solid('potatoes', 500, 480, 20.0), self::solid('hard-cheese', 200, null, 10.0), self::solid('onions', 150, 90, 20.0)],
                [self::stage(200, 28)],
            ), 'gold and full', [R::Colour, R::Fill, R::Base], 22, 32, BakeEvent::Golden),
            PracticeBake::good('raw pork pie of a kilo, deep 16 cm springform; 200 then 170 °C', false, self::pie(
                new Springform(160, 75), self::crust('shortcrust', 6, [], new Lid(6, 0.02, Glaze::Egg)),
                [self::solid('minced-pork', 1000, null, 5.0), self::solid('streaky-bacon', 120, null, 5.0)],
                [self::stage(200, 30), self::stage(170, 90)], ColourWish::Deep,
            ), 'meat cooked through, crust brown', [R::Safe, R::Colour, R::Fill], 90, 120, BakeEvent::Safe),
            PracticeBake::good('courgettes salted and squeezed, ricotta, 23 cm, par-baked; 180 °C', false, self::pie(
                new StraightTin(230, 30), self::crust('shortcrust', 3, $half),
                [self::solid('courgettes', 600, 330, drainedSalt: 8), self::solid('parmesan', 40), self::custard(['egg' => 150], ['ricotta' => 250, 'single-cream' => 60])],
                [self::stage(180, 36)],
            ), 'holds, base dry', [R::Base, R::Set, R::Custard, R::Salt], 30, 40, BakeEvent::TimeToLook),
        ];
    }

    /** @return list<PracticeBake> */
    private static function badFitted(): array
    {
        $half = [self::weighted(190, 15), self::bare(190, 6)];

        return [
            PracticeBake::bad('leeks unpressed on a raw crust', true, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3),
                [self::solid('leeks', 500), self::custard(['egg' => 150], ['single-cream' => 250])],
                [self::stage(180, 35)],
            ), 'wet line below', [R::Base]),
            PracticeBake::bad('courgettes raw and unpressed on a raw crust', true, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3),
                [self::solid('courgettes', 600), self::custard(['egg' => 150], ['single-cream' => 200])],
                [self::stage(180, 35)],
            ), 'wet, and weeps', [R::Base]),
            PracticeBake::bad('250 ml of dairy to an egg', true, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3, $half),
                [self::solid('cooked-ham', 150), self::custard(['egg' => 100], ['whole-milk' => 515])],
                [self::stage(180, 40)],
            ), 'will not cut', [R::Custard]),
            PracticeBake::bad('thin quiche an hour at 200 °C', true, self::pie(
                new StraightTin(240, 25), self::crust('shortcrust', 3, $half),
                [self::solid('streaky-bacon', 150, 90), self::custard(['egg' => 150], ['single-cream' => 250])],
                [self::stage(200, 60)],
            ), 'leather, weeps', [R::Set]),
            PracticeBake::bad('raw-meat pasty out at 15 min', true, self::pie(
                FoldedPieces::halfMoons(4, 200), self::crust('shortcrust', 4),
                [self::solid('beef-skirt', 400, null, 5.0), self::solid('potatoes', 300), self::solid('onions', 120)],
                [self::stage(200, 15)],
            ), 'raw inside', [R::Safe]),
            PracticeBake::bad('7 cm deep pie at 220 °C, burnt rim and raw middle', true, self::pie(
                new Springform(230, 70), self::crust('shortcrust', 4),
                [self::solid('cooked-ham', 300), self::custard(['egg' => 500], ['single-cream' => 900])],
                [self::stage(220, 45)],
            ), 'burnt outside, liquid inside', [R::Set, R::Colour]),
            PracticeBake::bad('frozen spinach thawed and not squeezed', true, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3),
                [self::solid('spinach', 700), self::custard(['egg' => 150], ['single-cream' => 200])],
                [self::stage(180, 35)],
            ), 'green water, wet base', [R::Base, R::Custard]),
            PracticeBake::bad('filled to the rim and carried', true, self::pie(
                new StraightTin(230, 25), self::crust('shortcrust', 3, $half),
                [self::solid('cooked-ham', 150), self::custard(['egg' => 250], ['single-cream' => 550])],
                [self::stage(180, 38)],
            ), 'spilt in the oven', [R::Fill]),
            PracticeBake::bad('salt in the water, the bacon and the cheese', true, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, $half),
                [self::solid('streaky-bacon', 300, 160), self::solid('pecorino', 120), self::solid('leeks', 250, 200, boiledSalt: 20), self::custard(['egg' => 150], ['single-cream' => 180])],
                [self::stage(180, 35)], salt: 4,
            ), 'cannot be eaten', [R::Salt]),
            PracticeBake::bad('hot filling on raw dough', true, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 3),
                [self::solid('leeks', 500, 420, 70.0), self::solid('mushrooms', 300, 260, 70.0), self::custard(['egg' => 150], ['single-cream' => 250])],
                [self::stage(180, 32)],
            ), 'base like paste', [R::Base]),
            PracticeBake::bad('bare shell without weights or pricks', true, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, [self::bare(190, 20)]),
                [self::solid('cooked-ham', 150), self::custard(['egg' => 150], ['single-cream' => 220])],
                [self::stage(180, 32)],
            ), 'puffed up, sides slid down', [R::Base]),
            PracticeBake::bad('tomatoes raw and unsalted at the bottom of a thin shell', true, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 2.5, [self::weighted(180, 10)]),
                [self::solid('tomatoes', 500), self::custard(['egg' => 150], ['creme-fraiche' => 200])],
                [self::stage(180, 35)],
            ), 'soaked through', [R::Base]),
        ];
    }

    /** @return list<PracticeBake> */
    private static function badLookedAt(): array
    {
        $half = [self::weighted(190, 15), self::bare(190, 6)];

        return [
            PracticeBake::bad('quiche out at 15 min', false, self::pie(
                new StraightTin(230, 30), self::crust('shortcrust', 3, $half),
                [self::solid('cooked-ham', 150), self::custard(['egg' => 150], ['single-cream' => 250])],
                [self::stage(180, 15)],
            ), 'runs', [R::Set]),
            PracticeBake::bad('five eggs, little cream, 50 min at 210 °C', false, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, $half),
                [self::solid('cooked-ham', 150), self::custard(['egg' => 250], ['semi-skimmed-milk' => 300])],
                [self::stage(210, 50)],
            ), 'holes, and stands in its water', [R::Set]),
            PracticeBake::bad('anchovies, olives, feta and salt', false, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, $half),
                [self::solid('anchovies', 80), self::solid('olives', 120), self::solid('feta', 200), self::custard(['egg' => 150], ['single-cream' => 150])],
                [self::stage(180, 35)], salt: 3,
            ), 'far too salty', [R::Salt]),
            PracticeBake::bad('no salt anywhere', false, self::pie(
                new StraightTin(240, 30), self::crust('shortcrust', 3, $half),
                [self::solid('leeks', 500, 340), self::solid('mushrooms', 300, 170), self::custard(['egg' => 150], ['double-cream' => 200])],
                [self::stage(180, 35)], salt: 0,
            ), 'bland', [R::Salt]),
            PracticeBake::bad('hollow pasties', false, self::pie(
                FoldedPieces::halfMoons(6, 180), self::crust('shortcrust', 3.5),
                [self::solid('minced-beef', 200, 140, 5.0), self::solid('onions', 60, 40)],
                [self::stage(200, 30)],
            ), 'more air than filling', [R::Fill]),
            PracticeBake::bad('two eggs in a tin of 28 cm', false, self::pie(
                new StraightTin(280, 35), self::crust('shortcrust', 3, $half),
                [self::solid('cooked-ham', 100), self::custard(['egg' => 100], ['single-cream' => 150])],
                [self::stage(180, 25)],
            ), 'mean', [R::Fill]),
            PracticeBake::bad('lid an hour at 230 °C', false, self::pie(
                new StraightTin(240, 40), self::crust('shortcrust', 3, [], new Lid(3, 0.02, Glaze::Egg)),
                [self::solid('cooked-chicken', 500), self::solid('leeks', 350, 230), self::custard([], ['creme-fraiche' => 150])],
                [self::stage(230, 60)],
            ), 'black', [R::Colour]),
            PracticeBake::bad('unglazed lid, 30 min at 160 °C', false, self::pie(
                new StraightTin(240, 40), self::crust('shortcrust', 3.5, [], new Lid(3.5, 0.01, Glaze::None)),
                [self::solid('cooked-chicken', 500, null, 5.0), self::solid('leeks', 350, 230, 5.0), self::custard([], ['creme-fraiche' => 150], 5.0)],
                [self::stage(160, 30)],
            ), 'white, raw dough', [R::Colour]),
            PracticeBake::bad('raw sausage meat in a deep pie, 45 min', false, self::pie(
                new Springform(200, 70), self::crust('shortcrust', 4, [], new Lid(4, 0.02, Glaze::Egg)),
                [self::solid('sausage-meat', 1300, null, 5.0)],
                [self::stage(190, 45)],
            ), 'pink and cold in the middle', [R::Safe]),
            PracticeBake::bad('frozen pasty baked as if it were fresh, 33 min', false, self::pie(
                FoldedPieces::halfMoons(4, 200), self::crust('shortcrust', 4),
                [self::solid('beef-skirt', 400, null, -18.0), self::solid('potatoes', 300, null, -18.0), self::solid('onions', 120, null, -18.0)],
                [self::stage(200, 33)],
            ), 'cold and raw in the middle', [R::Safe]),
            PracticeBake::bad('mushrooms raw in a glass dish, raw crust', false, self::pie(
                new MeasuredDish(1500, 40), self::crust('shortcrust', 4),
                [self::solid('mushrooms', 500), self::custard(['egg' => 200], ['single-cream' => 250])],
                [self::stage(180, 35)],
            ), 'wet below', [R::Base]),
            PracticeBake::bad('shell weighted 6 min at 160 °C, then a thin custard', false, self::pie(
                new StraightTin(240, 35), self::crust('shortcrust', 4, [self::weighted(160, 6)]),
                [self::solid('onions', 300, 240), self::custard(['egg' => 150], ['whole-milk' => 350])],
                [self::stage(165, 40)],
            ), 'base raw and wet', [R::Base]),
        ];
    }
}
