<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\User;

/** Who of the living is told in full in something that leaves, and who asks for that. */
final readonly class LivingTold
{
    /** @param  list<string>  $personIds  those alone, where it is not everybody */
    private function __construct(public bool $isEverybody, public array $personIds, public ?User $asking)
    {
    }

    public static function nobody(): self
    {
        return new self(false, [], null);
    }

    /** @param  User|null  $asking  null for whoever sits at the machine itself */
    public static function everybody(?User $asking): self
    {
        return new self(true, [], $asking);
    }

    /** @param  list<string>  $personIds */
    public static function only(array $personIds, ?User $asking): self
    {
        return new self(false, $personIds, $asking);
    }

    public function isNobody(): bool
    {
        return ! $this->isEverybody && $this->personIds === [];
    }
}
