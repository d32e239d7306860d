<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Toy;

final readonly class Note
{
    public function __construct(public string $uid, public string $text) {}
}
