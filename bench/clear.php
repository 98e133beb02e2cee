<?php

declare(strict_types=1);

/* Takes the trees of the bench away. */

use App\Models\Tree;

require __DIR__.'/boot.php';

Tree::withTrashed()->where('name', 'like', 'Bench %')->get()->each(static fn (Tree $tree) => $tree->forceDelete());
