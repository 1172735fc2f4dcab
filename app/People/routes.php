<?php

declare(strict_types=1);

use App\People\ChangeRole;
use App\People\HandOver;
use App\People\InvitePerson;
use App\People\LeaveKitchen;
use App\People\ListActs;
use App\People\ListPeople;
use App\People\NameKitchen;
use App\People\RemoveMember;
use App\People\WithdrawInvite;
use Illuminate\Support\Facades\Route;

Route::get('people', ListPeople::class);
Route::get('acts', ListActs::class);
Route::delete('membership', LeaveKitchen::class);

Route::middleware(['write', 'owner'])->group(static function (): void {
    Route::put('name', NameKitchen::class);
    Route::put('owner', HandOver::class);
    Route::post('invites', InvitePerson::class);
    Route::delete('invites/{invite}', WithdrawInvite::class)->whereUuid('invite');
    Route::put('members/{member}/role', ChangeRole::class)->where('member', '[0-9]{1,18}');
    Route::delete('members/{member}', RemoveMember::class)->where('member', '[0-9]{1,18}');
});
