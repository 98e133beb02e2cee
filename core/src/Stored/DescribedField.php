<?php

declare(strict_types=1);

namespace NorthBough\Core\Stored;

/** One property of a described value, with what is said of it. */
final readonly class DescribedField
{
    public string $column;

    /** Whether it points at another row; its column holds nothing where it points at none. */
    public bool $isId;

    /** Whether it is a value of several fields that stand in the same table. */
    public bool $isEmbedded;

    public function __construct(public string $name, public string $type, public bool $isNullable, public Field $said)
    {
        $this->column = $said->column !== '' ? $said->column : strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $name));
        $this->isId = str_ends_with($name, 'Id');
        $this->isEmbedded = ! $said->isElsewhere && is_a($type, Described::class, true);
    }

    /** Whether somebody's own words may stand in it. */
    public function isFreeText(): bool
    {
        return ! $this->said->isSafe && ! $this->said->namesPerson && in_array($this->type, ['string', 'array'], true);
    }
}
