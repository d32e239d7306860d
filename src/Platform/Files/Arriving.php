<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/**
 * Files that a maker looks at before she takes what is in them. What is not taken goes after a day.
 */
final readonly class Arriving
{
    public function __construct(
        private ClockInterface $clock,
        private Randomizer $chance,
        #[Autowire('%kernel.project_dir%/var/arriving')]
        private string $folder,
    ) {}

    /**
     * Returns by what the file is asked for again.
     */
    public function keep(UploadedFile $file): string
    {
        $token = bin2hex($this->chance->getBytes(16));
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        foreach (glob($this->folder.'/*') ?: [] as $old) {
            if (filemtime($old) < $this->clock->now()->getTimestamp() - 86_400) {
                unlink($old);
            }
        }
        $file->move($this->folder, $token);

        return $token;
    }

    /**
     * Returns the path of a file that was kept, null when it is gone.
     */
    public function file(mixed $token): ?string
    {
        return \is_string($token) && 1 === preg_match('/^[0-9a-f]{32}$/D', $token) && is_file($this->folder.'/'.$token)
            ? $this->folder.'/'.$token
            : null;
    }
}
