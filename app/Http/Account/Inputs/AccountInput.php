<?php

declare(strict_types=1);

namespace App\Http\Account\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class AccountInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property] public string $password,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:254', 'unique:users,email'],
            'password' => ['required', 'string', 'min:10', 'max:200'],
        ];
    }
}
