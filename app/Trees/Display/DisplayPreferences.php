<?php

declare(strict_types=1);

namespace App\Trees\Display;

use App\Models\User;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\Auth;
use NorthBough\Core\Chrono\DateStyle;
use NorthBough\Core\Naming\MarriedName;
use NorthBough\Core\Naming\NameOrder;
use NorthBough\Core\Naming\NameStyle;
use NorthBough\Core\Tree\FormattedTree;
use NorthBough\Core\Tree\MarriedCustom;
use NorthBough\Core\Tree\TreeView;

/** How the user who asks wants names and dates to be shown. */
final readonly class DisplayPreferences
{
    public function __construct(private CurrentTree $current)
    {
    }

    public function names(): NameStyle
    {
        $preferences = self::stored();

        return new NameStyle(NameOrder::tryFrom($preferences['order'] ?? '') ?? NameOrder::GivenFirst,
            ($preferences['capitals'] ?? '') === 'yes', MarriedName::tryFrom($preferences['married'] ?? '') ?? MarriedName::Birth);
    }

    public function dates(): DateStyle
    {
        return DateStyle::tryFrom(self::stored()['dates'] ?? '') ?? DateStyle::Short;
    }

    public function isUsual(): bool
    {
        return $this->names()->isUsual() && $this->dates() === DateStyle::Short;
    }

    public function view(TreeView $tree): TreeView
    {
        return $this->isUsual() ? $tree
            : new FormattedTree($tree, $this->names(), $this->dates(),
                MarriedCustom::tryFrom($this->current->get()->married_custom) ?? MarriedCustom::WifeTakesHusbands);
    }

    /** @return array<string, string> */
    private static function stored(): array
    {
        $user = Auth::user();

        return $user instanceof User ? $user->reading ?? [] : [];
    }
}
