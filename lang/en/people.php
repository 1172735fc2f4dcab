<?php

declare(strict_types=1);

/* What was done in a kitchen by whom: part of ../en.php. */

return [
    'done.pie-put-down' => '{who} put down {what}.',
    'done.pie-saved' => '{who} saved {what}, revision {more}.',
    'done.pie-copied' => '{who} made {what}.',
    'done.pie-put-away' => '{who} put {what} away.',
    'done.pie-taken-out' => '{who} took {what} out again.',
    'done.batch-put-down' => '{who} put down the batch {what}.',
    'done.batch-saved' => '{who} changed the batch {what}.',
    'done.batch-put-away' => '{who} put the batch {what} away.',
    'done.batch-taken-out' => '{who} took the batch {what} out again.',
    'done.dough-written' => '{who} wrote the formula of {what}.',
    'done.dough-dropped' => '{who} went back to the usual formula of {what}.',
    'done.dough-into-pies' => '{who} took the formula of {what} into {more}.',
    'done.water-logged' => '{who} wrote down that {what} took {more} of water.',
    'done.food-written' => '{who} wrote the label of {what}.',
    'done.food-dropped' => '{who} took {what} out of the stores.',
    'done.price-set' => '{more, select, none {{who} took the price off {what}.} other {{who} wrote that {what} costs {more} a kilo.}}',
    'done.stock-counted' => '{more, select, none {{who} counts {what} no more.} other {{who} counted {more} of {what}.}}',
    'done.leftover-kept' => '{who} put {what} away, to be used by {more}.',
    'done.leftover-gone' => '{more, select, used {{who} used {what} that was left over.} thrown {{who} threw {what} away that was left over.} other {{who} put {what} back on the list of what is left over.}}',
    'done.tin-written' => '{who} wrote down the tin {what}.',
    'done.tin-dropped' => '{who} took the tin {what} out of the stores.',
    'done.oven-written' => '{who} wrote down the oven {what}.',
    'done.oven-dropped' => '{who} took the oven {what} out of the stores.',
    'done.kitchen-named' => '{who} named the kitchen {what}. Before, it was {more}.',
    'done.invited' => '{who} invited {what} as a {more}.',
    'done.invite-withdrawn' => '{who} withdrew the invitation for {what}.',
    'done.joined' => '{who} came in as a {more}, invited by {what}.',
    'done.role-changed' => '{who} made {what} {more, select, owner {the owner} cook {a cook} other {a guest}}.',
    'done.member-removed' => '{who} removed {what}.',
    'done.member-left' => '{who} left the kitchen.',
    'done.handed-over' => '{who} handed the kitchen over to {what}.',
];
