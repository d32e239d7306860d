<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\App\Platform\Http\SecurityHeaders;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;

/**
 * A drawing as a file of its own, with its styles in it: pages name it, and browsers fetch it once, when it comes into
 * sight, and keep it. Its address says its version.
 */
final readonly class DrawingFile
{
    /** Whoever changes how things are drawn counts on, so that nobody sees the old. */
    private const DRAWN = 1;

    public function __construct(
        #[Autowire('%kernel.project_dir%/public/build/drawing.css')]
        private string $styles,
    ) {}

    /**
     * Returns by what a drawing of $content is told from those of it before.
     */
    public function version(string $content): string
    {
        return substr(hash('xxh3', self::DRAWN.(int) filemtime($this->styles).$content), 0, 12);
    }

    public function response(string $svg): Response
    {
        $end = (int) strpos($svg, '>') + 1;

        return new Response(
            substr($svg, 0, $end).'<style>'.file_get_contents($this->styles).'</style>'.substr($svg, $end),
            headers: [
                'Content-Type' => 'image/svg+xml',
                'Content-Security-Policy' => SecurityHeaders::DRAWING,
                'Cache-Control' => 'private, max-age=31536000, immutable',
            ],
        );
    }
}
