<?php

declare(strict_types=1);

namespace App\People;

/** What can be done in a kitchen; its sentence is "done.<deed>" in lang/. */
enum Deed: string
{
    case PiePutDown = 'pie-put-down';
    case PieSaved = 'pie-saved';
    case PieCopied = 'pie-copied';
    case PiePutAway = 'pie-put-away';
    case PieTakenOut = 'pie-taken-out';
    case BatchPutDown = 'batch-put-down';
    case BatchSaved = 'batch-saved';
    case BatchPutAway = 'batch-put-away';
    case BatchTakenOut = 'batch-taken-out';
    case DayPutDown = 'day-put-down';
    case DaySaved = 'day-saved';
    case DayPutAway = 'day-put-away';
    case DayTakenOut = 'day-taken-out';
    case CalendarOpened = 'calendar-opened';
    case CalendarClosed = 'calendar-closed';
    case DoughWritten = 'dough-written';
    case DoughDropped = 'dough-dropped';
    case DoughIntoPies = 'dough-into-pies';
    case WaterLogged = 'water-logged';
    case FoodWritten = 'food-written';
    case FoodDropped = 'food-dropped';
    case PriceSet = 'price-set';
    case PricingSet = 'pricing-set';
    case ArchiveBroughtIn = 'archive-brought-in';
    case StockCounted = 'stock-counted';
    case LeftoverKept = 'leftover-kept';
    case LeftoverGone = 'leftover-gone';
    case TinWritten = 'tin-written';
    case TinDropped = 'tin-dropped';
    case OvenWritten = 'oven-written';
    case OvenDropped = 'oven-dropped';
    case LessonDecided = 'lesson-decided';
    case KitchenNamed = 'kitchen-named';
    case Invited = 'invited';
    case InviteWithdrawn = 'invite-withdrawn';
    case Joined = 'joined';
    case RoleChanged = 'role-changed';
    case MemberRemoved = 'member-removed';
    case MemberLeft = 'member-left';
    case HandedOver = 'handed-over';
}
