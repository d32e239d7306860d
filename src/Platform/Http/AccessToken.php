<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Random\Randomizer;

/**
 * What a browser or a link is known by: 192 random bits that only it has, of which the hash is kept.
 */
final readonly class AccessToken
{
    /** What one looks like, as a part of a pattern. */
    public const LIKE = '[0-9a-f]{48}';

    private const BYTES = 24;

    private function __construct(public string $text) {}

    public static function of(Randomizer $random): self
    {
        return new self(bin2hex($random->getBytes(self::BYTES)));
    }

    /**
     * Returns the token that somebody sent; null for what is none.
     */
    public static function read(string $text): ?self
    {
        return 1 === preg_match('/^'.self::LIKE.'$/D', $text) ? new self($text) : null;
    }

    /**
     * Returns what is kept of it.
     */
    public function proof(): string
    {
        return hash('sha256', $this->text);
    }
}
