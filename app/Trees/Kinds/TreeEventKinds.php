<?php

declare(strict_types=1);

namespace App\Trees\Kinds;

use App\Models\OwnEventKind;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Tree\CustomEventKind;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;

/** What the current tree says of its own kinds of event. A fact is of such a kind where its words are those of the kind. */
final class TreeEventKinds
{
    /** @var CustomKinds<CustomEventKind> */
    private readonly CustomKinds $own;

    public function __construct(CurrentTree $current)
    {
        $this->own = new CustomKinds($current, static fn (): array => OwnEventKind::query()->orderBy('code')->get()
            ->mapWithKeys(static fn (OwnEventKind $row): array => [mb_strtolower($row->word) => self::of($row)])->all());
    }

    /** What is said of events of this kind and these words; nothing of kinds that the tree does not have. */
    public function named(string $kind, string $words): CustomEventKind
    {
        return $words !== '' && in_array($kind, EventKinds::OF_OWN_WORDS, true)
            ? $this->own->all()[mb_strtolower($words)] ?? CustomEventKind::plain() : CustomEventKind::plain();
    }

    /** Whether the tree has any. */
    public function hasOwn(): bool
    {
        return $this->own->all() !== [];
    }

    public function forget(): void
    {
        $this->own->forget();
    }

    private static function of(OwnEventKind $row): CustomEventKind
    {
        return new CustomEventKind(array_values(array_filter(array_map(EventTrait::tryFrom(...), $row->traits))), $row->single,
            $row->sentence);
    }
}
