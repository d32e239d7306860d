<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Pattern\Place;

/**
 * @internal
 */
final readonly class Token
{
    public function __construct(
        public TokenKind $kind,
        public string $text,
        public Place $place,
    ) {}

    public function is(string $word): bool
    {
        return TokenKind::Word === $this->kind && $word === $this->text;
    }
}
