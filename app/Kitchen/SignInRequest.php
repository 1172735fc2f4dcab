<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SignIn', required: ['email', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string', maxLength: 254),
    new OA\Property(property: 'password', type: 'string', maxLength: 200),
])]
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:254'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.*' => 'Write the e-mail address you sign in with, such as ada@lockhouse.example.',
            'password.*' => 'Write your password.',
        ];
    }

    public function throttleKey(): string
    {
        return 'sign-in|'.mb_strtolower($this->string('email')->toString()).'|'.$this->ip();
    }
}
