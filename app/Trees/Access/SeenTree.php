<?php

declare(strict_types=1);

namespace App\Trees\Access;

use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Tree\TreeView;

/** The tree as one audience sees it, and any text without the names that this audience may not read. */
final readonly class SeenTree
{
    private function __construct(public TreeView $view, private ?LivingNames $withheld)
    {
    }

    public static function whole(TreeView $view): self
    {
        return new self($view, null);
    }

    public static function shielded(TreeView $view, LivingNames $withheld): self
    {
        return new self($view, $withheld);
    }

    public function showsLiving(): bool
    {
        return $this->withheld === null;
    }

    public function text(string $text): string
    {
        return $this->withheld?->hide($text) ?? $text;
    }
}
