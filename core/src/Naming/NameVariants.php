<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

use NorthBough\Core\Naming\Variants\GivenNames;

/** Which names can stand for a name: its spellings, short, pet and foreign forms, by the table and by what users added. */
final class NameVariants
{
    private static ?self $usual = null;

    /** @var array<string, array<string, true>> name => names that can stand for it */
    private array $byName = [];

    /** @var array<string, list<int>> name => the groups it is in */
    private array $groupsOf = [];

    /** @param  iterable<string>  $groups of names, parted by spaces, that stand for one another */
    private function __construct(iterable $groups)
    {
        $number = 0;
        foreach ($groups as $group) {
            $names = explode(' ', SearchForm::of($group));
            foreach ($names as $name) {
                $this->byName[$name] = ($this->byName[$name] ?? []) + array_fill_keys($names, true);
                $this->groupsOf[$name][] = $number;
            }
            $number++;
        }
    }

    public static function usual(): self
    {
        return self::$usual ??= new self(GivenNames::GROUPS);
    }

    /** @param  list<string>  $groups of the user, beside the usual ones */
    public static function with(array $groups): self
    {
        return new self([...GivenNames::GROUPS, ...$groups]);
    }

    /** @return list<string> in the form in which names are searched for; the name itself is not among them */
    public function of(string $name): array
    {
        $folded = SearchForm::of($name);
        $variants = $this->byName[$folded] ?? [];
        unset($variants[$folded]);

        return array_map(strval(...), array_keys($variants));
    }

    /** @return list<int> numbers of the groups a name is in; two that share one can stand for each other */
    public function groupsOf(string $name): array
    {
        return $this->groupsOf[SearchForm::of($name)] ?? [];
    }

    public function areVariants(string $name, string $otherName): bool
    {
        $folded = SearchForm::of($name);

        return $folded === SearchForm::of($otherName) || isset($this->byName[$folded][SearchForm::of($otherName)]);
    }
}
