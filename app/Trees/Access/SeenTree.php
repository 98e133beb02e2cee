<?php

declare(strict_types=1);

namespace App\Trees\Access;

use Closure;
use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Tree\TreeView;

/** The tree as one audience sees it, and any text without the names that this audience may not read. */
final readonly class SeenTree
{
    /** @param  (Closure(list<string>): list<string>)|null  $withheldAmong  null where nobody is withheld */
    private function __construct(public TreeView $view, private ?LivingNames $names, private ?Closure $withheldAmong)
    {
    }

    public static function whole(TreeView $view): self
    {
        return new self($view, null, null);
    }

    /** @param  Closure(list<string>): list<string>  $withheldAmong  who of some people is withheld */
    public static function shielded(TreeView $view, LivingNames $names, Closure $withheldAmong): self
    {
        return new self($view, $names, $withheldAmong);
    }

    /** @param  Closure(TreeView): TreeView  $how  what stands between whoever reads and the tree */
    public function through(Closure $how): self
    {
        return new self($how($this->view), $this->names, $this->withheldAmong);
    }

    public function showsLiving(): bool
    {
        return $this->names === null;
    }

    public function text(string $text): string
    {
        return $this->names?->hide($text) ?? $text;
    }

    /**
     * @param  list<string>  $personIds
     * @return list<string> those who are withheld
     */
    public function withheld(array $personIds): array
    {
        return $this->withheldAmong === null || $personIds === [] ? [] : ($this->withheldAmong)($personIds);
    }
}
