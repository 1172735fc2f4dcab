// Written by ./hojaldre generate from App\Pie\Defaults.
import type { components } from "./schema";

export const defaults = {
    "crispToRatio": 0.12,
    "dryToRatio": 0.22,
    "softToRatio": 0.385,
    "parBake": [
        {
            "how": "weighted",
            "ovenCelsius": 190,
            "mode": "static",
            "minutes": 15,
            "rack": "middle"
        },
        {
            "how": "bare",
            "ovenCelsius": 190,
            "mode": "static",
            "minutes": 6,
            "rack": "middle"
        }
    ],
    "puffBake": [
        {
            "how": "weighted",
            "ovenCelsius": 200,
            "mode": "static",
            "minutes": 20,
            "rack": "middle"
        },
        {
            "how": "bare",
            "ovenCelsius": 200,
            "mode": "static",
            "minutes": 8,
            "rack": "middle"
        }
    ],
    "anotherShellStage": {
        "how": "bare",
        "ovenCelsius": 190,
        "mode": "static",
        "minutes": 6,
        "rack": "middle"
    },
    "anotherStageMinutes": 10,
    "lid": {
        "thicknessMm": 3,
        "openShare": 0.01,
        "glaze": "egg",
        "ventedLate": false
    },
    "lattice": {
        "thicknessMm": 3,
        "openShare": 0.4,
        "glaze": "egg",
        "ventedLate": false
    },
    "latticeFromShare": 0.1,
    "custard": {
        "kind": "custard",
        "id": "custard",
        "style": "tender",
        "eggs": [],
        "dairies": [],
        "blended": [],
        "fromCelsius": 10,
        "thickeners": []
    },
    "crumbs": {
        "food": {
            "id": "dry-crumbs",
            "name": "Dry breadcrumbs",
            "role": "binder",
            "texture": "crumbs",
            "per100g": {
                "water": 6.51,
                "protein": 13.35,
                "fat": 5.3,
                "carbohydrate": 67.48,
                "fibre": 4.5,
                "ash": 2.86,
                "salt": 1.83
            },
            "gramsPerMl": 1.25,
            "bulkGramsPerMl": 0.42,
            "floorYield": 1,
            "eggsPer100g": 0,
            "liquidShare": 0,
            "bindsGramsPerGram": 1.75,
            "safeCelsius": null,
            "pieces": {},
            "allergens": [
                "gluten"
            ],
            "doughKind": null,
            "allergenNames": [
                "wheat"
            ],
            "allergensKnown": "packet",
            "saturates": 0.95,
            "sugars": 4.72
        },
        "amount": {
            "words": "10 g",
            "grams": 10,
            "leastGrams": null,
            "mostGrams": null
        }
    },
    "salt": {
        "id": "salt",
        "name": "Fine salt",
        "role": "seasoning",
        "texture": "plain",
        "per100g": {
            "water": 0.2,
            "protein": 0,
            "fat": 0,
            "carbohydrate": 0,
            "fibre": 0,
            "ash": 99.8,
            "salt": 99.8
        },
        "gramsPerMl": 2.16,
        "bulkGramsPerMl": 1.2,
        "floorYield": 1,
        "eggsPer100g": 0,
        "liquidShare": 0,
        "bindsGramsPerGram": 0,
        "safeCelsius": null,
        "pieces": {},
        "allergens": [],
        "doughKind": null,
        "allergenNames": [],
        "allergensKnown": "sure",
        "saturates": 0,
        "sugars": 0
    },
    "rubbedSaltGrams": 5,
    "boiledSaltGramsPerLitre": 10,
    "eggGrams": 50,
    "mostEggs": 24,
    "mostYolks": 12,
    "mostDairies": 6,
    "mostShellStages": 4,
    "mostStages": 4,
    "mostTins": 200,
    "batchLine": {
        "pie": "00000000-0000-0000-0000-000000000000",
        "count": 1,
        "lining": {
            "rim": "flush",
            "doubleFloor": false,
            "stripMm": 20,
            "decorationGrams": 0,
            "patchGrams": 0
        },
        "fold": {
            "eachGrams": null,
            "thicknessMm": null,
            "lengthMm": null,
            "settled": null
        }
    },
    "doughChoice": {
        "dough": "shortcrust",
        "board": {
            "widthMm": 400,
            "lengthMm": 600
        },
        "vessel": "bowl",
        "vesselLitres": 6,
        "madeGrams": null,
        "sheet": null,
        "skipped": [],
        "fromBeforeGrams": 0
    },
    "kitchenCelsius": 21,
    "panGrams": 600,
    "doughFoods": {
        "flours": [
            "flour",
            "wholemeal-flour",
            "gluten-free-flour",
            "rice-flour",
            "cornflour"
        ],
        "fats": [
            "unsalted-butter",
            "butter",
            "lard",
            "suet",
            "ghee",
            "margarine",
            "olive-oil",
            "sunflower-oil",
            "coconut-oil"
        ],
        "liquids": [
            "water",
            "whole-milk",
            "buttermilk",
            "yoghurt",
            "strained-yoghurt",
            "cream-cheese",
            "creme-fraiche",
            "soured-cream"
        ],
        "eggs": [
            "egg",
            "egg-yolk",
            "egg-white"
        ],
        "flavourings": [
            "hard-cheese",
            "parmesan",
            "thyme",
            "sage",
            "parsley"
        ]
    },
    "allergens": [
        "gluten",
        "crustaceans",
        "egg",
        "fish",
        "peanuts",
        "soya",
        "milk",
        "nuts",
        "celery",
        "mustard",
        "sesame",
        "sulphites",
        "lupin",
        "molluscs"
    ],
    "allergenNames": [
        "wheat",
        "spelt",
        "rye",
        "barley",
        "oats",
        "almond",
        "hazelnut",
        "walnut",
        "cashew",
        "pecan",
        "brazil-nut",
        "pistachio",
        "macadamia"
    ],
    "tins": [
        {
            "shape": "round-straight",
            "diameterMm": 240,
            "depthMm": 35
        },
        {
            "shape": "springform",
            "diameterMm": 240,
            "depthMm": 70
        },
        {
            "shape": "round-sloped",
            "floorDiameterMm": 220,
            "rimDiameterMm": 240,
            "depthMm": 35
        },
        {
            "shape": "round-fluted",
            "floorDiameterMm": 220,
            "rimDiameterMm": 240,
            "depthMm": 35,
            "flutes": 32,
            "fluteMm": 4
        },
        {
            "shape": "rectangular",
            "lengthMm": 240,
            "widthMm": 240,
            "depthMm": 35,
            "flareMm": 0
        },
        {
            "shape": "cups",
            "cups": 12,
            "floorDiameterMm": 50,
            "rimDiameterMm": 70,
            "depthMm": 35
        },
        {
            "shape": "measured-dish",
            "waterMl": 1500,
            "depthMm": 35
        },
        {
            "shape": "folded",
            "fold": "half-moon",
            "pieces": 4,
            "lengthMm": 200,
            "widthMm": null
        }
    ],
    "commonFoods": [
        "egg",
        "double-cream",
        "whole-milk",
        "creme-fraiche",
        "cheddar",
        "gruyere",
        "feta",
        "ricotta",
        "leeks",
        "onions",
        "spinach",
        "mushrooms",
        "potatoes",
        "carrots",
        "broccoli",
        "courgettes",
        "tomatoes",
        "pumpkin",
        "streaky-bacon",
        "cooked-ham",
        "chicken-thigh",
        "minced-beef",
        "smoked-trout",
        "salmon",
        "shortcrust",
        "ready-puff",
        "flour",
        "chicken-stock"
    ],
    "sayings": [
        {
            "kind": "mass",
            "words": "200 g"
        },
        {
            "kind": "mass",
            "words": "1 lb 2 oz"
        },
        {
            "kind": "mass",
            "words": "3 medium"
        },
        {
            "kind": "mass",
            "words": "half a kilo"
        },
        {
            "kind": "mass",
            "words": "2-3"
        },
        {
            "kind": "mass",
            "words": "about 200 g"
        },
        {
            "kind": "mass",
            "words": "a handful"
        },
        {
            "kind": "mass",
            "words": "2 heaped tbsp"
        },
        {
            "kind": "mass",
            "words": "1 x 400 g tin, drained"
        },
        {
            "kind": "mass",
            "words": "400 g squeezed"
        },
        {
            "kind": "mass",
            "words": "down to half"
        },
        {
            "kind": "weight",
            "words": "497 g"
        },
        {
            "kind": "weight",
            "words": "1.2 kg"
        },
        {
            "kind": "weight",
            "words": "1 lb 2 oz"
        },
        {
            "kind": "weight",
            "words": "812"
        },
        {
            "kind": "volume",
            "words": "500 ml"
        },
        {
            "kind": "volume",
            "words": "1.5 l"
        },
        {
            "kind": "volume",
            "words": "2 cups"
        },
        {
            "kind": "volume",
            "words": "1 pint"
        },
        {
            "kind": "length",
            "words": "24 cm"
        },
        {
            "kind": "length",
            "words": "9 inch"
        },
        {
            "kind": "length",
            "words": "35 mm"
        },
        {
            "kind": "width",
            "words": "24 cm"
        },
        {
            "kind": "width",
            "words": "9 inch"
        },
        {
            "kind": "width",
            "words": "240 mm"
        },
        {
            "kind": "width",
            "words": "24"
        },
        {
            "kind": "depth",
            "words": "3.5 cm"
        },
        {
            "kind": "depth",
            "words": "35 mm"
        },
        {
            "kind": "depth",
            "words": "1 1/2 inch"
        },
        {
            "kind": "thickness",
            "words": "3 mm"
        },
        {
            "kind": "thickness",
            "words": "2-3 mm"
        },
        {
            "kind": "thickness",
            "words": "quarter inch"
        },
        {
            "kind": "thickness",
            "words": "the thickness of a coin"
        },
        {
            "kind": "temperature",
            "words": "180"
        },
        {
            "kind": "temperature",
            "words": "180 fan"
        },
        {
            "kind": "temperature",
            "words": "375 F"
        },
        {
            "kind": "temperature",
            "words": "gas 6"
        },
        {
            "kind": "temperature",
            "words": "moderate"
        },
        {
            "kind": "time",
            "words": "40"
        },
        {
            "kind": "time",
            "words": "35 to 40"
        },
        {
            "kind": "time",
            "words": "1 h 10"
        },
        {
            "kind": "time",
            "words": "an hour and a quarter"
        },
        {
            "kind": "time",
            "words": "15 + 5"
        }
    ]
} satisfies components["schemas"]["Defaults"] as components["schemas"]["Defaults"];
