<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Whether ./rinkel is to serve other devices in the home network the next time it starts: a file beside the database,
 * which the script looks for.
 */
final readonly class HomeNetwork
{
    public function __construct(
        #[Autowire('%kernel.project_dir%/var/serve-network')]
        private string $file,
    ) {}

    public function serves(): bool
    {
        return is_file($this->file);
    }

    public function serve(bool $on): void
    {
        $on ? @touch($this->file) : @unlink($this->file);
    }
}
