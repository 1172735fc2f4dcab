<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** Who is signed in, and where they cook. */
#[OA\Schema(
    schema: 'Session',
    required: ['csrfToken', 'user', 'kitchens'],
    properties: [
        new OA\Property(property: 'csrfToken', type: 'string', description: 'To be sent back in X-CSRF-TOKEN with every write; changes at sign-in and sign-out.'),
        new OA\Property(
            property: 'user', type: 'object', nullable: true, description: 'null when nobody is signed in',
            required: ['name', 'email', 'units'],
            properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'units', ref: '#/components/schemas/Units')],
        ),
        new OA\Property(property: 'kitchens', type: 'array', items: new OA\Items(
            type: 'object', required: ['id', 'name', 'role'],
            properties: [
                new OA\Property(property: 'id', type: 'string', format: 'uuid'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'role', type: 'string', enum: ['owner', 'cook', 'guest']),
            ],
        )),
    ],
)]
final readonly class SessionResource
{
    public static function of(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'csrfToken' => $request->session()->token(),
            'user' => $user instanceof User ? [
                'name' => $user->name,
                'email' => $user->email,
                'units' => ['volumes' => $user->volumes, 'temperatures' => $user->temperatures, 'eggs' => $user->eggs],
            ] : null,
            'kitchens' => $user instanceof User ? $user->kitchens->map(static fn (Kitchen $kitchen): array => [
                'id' => $kitchen->id,
                'name' => $kitchen->name,
                'role' => $kitchen->roleOfMember()->value,
            ])->all() : [],
        ]);
    }
}
