<?php

declare(strict_types=1);

namespace App\Http\Account\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SignInInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $email,
        #[OA\Property] public string $password,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:254'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }
}
