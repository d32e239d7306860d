<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Svg\ScenePainter;
use Rinkel\Core\Svg\Svg;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Draws bands to look at: by the same strands as every piece, large, without a tape by which to count.
 */
final readonly class Bands
{
    public function __construct(
        private Planner $planner,
        private PieceReader $reader,
        private Preferences $preferences,
        private TranslatorInterface $translator,
    ) {}

    public function drawn(string $pattern): string
    {
        $side = $this->preferences->all()['side'];
        $plan = $this->planner->plan($this->reader->read([
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'name' => 'Band',
            'construction' => 'square-knot-band',
            'wearer' => ['girth' => '16 cm'],
            'cords' => [
                'core' => ['thickness' => '1.4 mm', 'colour' => '#d8cdb8'],
                'working' => ['thickness' => '1.4 mm', 'colour' => '#2f6f73'],
            ],
            'pattern' => $pattern,
        ] + ('right' === $side ? ['habits' => ['side' => 'right']] : [])));
        $scene = (new Layout($plan))->flat();
        $body = $plan->draft->body()->millimetres;

        return Svg::drawing(
            [-8, -$scene->frame->height / 2 - 2, $body + 16, $scene->frame->height + 4],
            $this->translator->trans('practice.drawn'),
            'practice-drawing',
            [],
            (new ScenePainter('band'))->paint($scene),
        );
    }
}
