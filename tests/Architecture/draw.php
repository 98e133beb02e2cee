<?php

declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';

file_put_contents(__DIR__.'/../../docs/import-order.svg', Tests\Architecture\ImportOrderPicture::svg());
