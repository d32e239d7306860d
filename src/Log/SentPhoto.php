<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

/**
 * A photo that came with a form, made small already.
 */
final readonly class SentPhoto
{
    /**
     * @param bool        $isSent whether there was one
     * @param string|null $jpeg   null when it cannot be read
     */
    public function __construct(
        public bool $isSent = false,
        public ?string $jpeg = null,
    ) {}

    public function isWrong(): bool
    {
        return $this->isSent && null === $this->jpeg;
    }
}
