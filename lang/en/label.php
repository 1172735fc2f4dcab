<?php

declare(strict_types=1);

/* Labels: part of ../en.php. */

return [
    'allergen.gluten' => 'gluten',
    'allergen.crustaceans' => 'crustaceans',
    'allergen.egg' => 'egg',
    'allergen.fish' => 'fish',
    'allergen.peanuts' => 'peanuts',
    'allergen.soya' => 'soya',
    'allergen.milk' => 'milk',
    'allergen.nuts' => 'nuts',
    'allergen.celery' => 'celery',
    'allergen.mustard' => 'mustard',
    'allergen.sesame' => 'sesame',
    'allergen.sulphites' => 'sulphites',
    'allergen.lupin' => 'lupin',
    'allergen.molluscs' => 'molluscs',

    'nutrient.energy' => 'Energy',
    'nutrient.fat' => 'Fat',
    'nutrient.carbohydrate' => 'Carbohydrate',
    'nutrient.fibre' => 'Fibre',
    'nutrient.protein' => 'Protein',
    'nutrient.salt' => 'Salt',

    'label.ingredients' => 'Ingredients',
    'label.use-by' => 'Use by',
    'label.bake-by' => 'Bake by',
    'label.baked-on' => 'Baked',
    'label.made-on' => 'Made',
    'label.piece' => 'a piece',
    'label.eight-in-ten' => '8 pieces in 10',
    'label.not-known' => 'By calculation. Saturates and sugars are not worked out.',
    'label.cooled-in-portions' => 'Cooled in portions.',
    'label.fridge' => 'Keep at {coldCelsius} or below.',
    'label.freezer' => 'Keep at {freezerCelsius} or below.',
    'label.thaw' => 'Thaw in the fridge. Eat within a day, and never freeze again.',
    'label.not-thawed' => 'Do not thaw, and never freeze again.',
    'label.reheat' => 'Eat cold, or warm for {reheatMinutes} at {ovenCelsius} until the middle has {safeCelsius}.',
    'label.no-microwave' => 'A microwave makes the crust soft.',
    'label.bake-frozen' => 'Bake from frozen: {bakeMinutes} at {ovenCelsius} {mode, select, fan {fan} other {static}}, until the middle has {safeCelsius}.',
];
