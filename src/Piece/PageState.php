<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Svg\Posture;
use Symfony\Component\HttpFoundation\Request;

/**
 * What the Piece page shows and how: its address says it, so that every state can be shared.
 */
final readonly class PageState
{
    public const VIEWS = ['flat', 'worn'];
    public const ZOOMS = [1, 2, 4];
    private const TURN = 360;

    private function __construct(
        public string $view,
        public int $zoom,
        public string $chosen,
        public Stage $stage,
        public Posture $posture,
    ) {}

    public static function of(Request $request): self
    {
        $sent = static function (string $name) use ($request): string {
            $value = $request->request->all()[$name] ?? $request->query->all()[$name] ?? '';

            return \is_scalar($value) ? (string) $value : '';
        };
        $chosen = '' !== $sent('choose') ? $sent('choose') : $sent('at');

        $zoom = \in_array((int) $sent('zoom'), self::ZOOMS, true) ? (int) $sent('zoom') : self::ZOOMS[0];
        $turn = 1 === preg_match('/^-?\d{1,4}$/', $sent('turn')) ? (int) $sent('turn') % self::TURN : 0;
        $open = 1 === preg_match('/^\d{1,3}$/', $sent('open')) ? min(100, (int) $sent('open')) : Posture::AS_WORN;

        return new self(
            \in_array($sent('view'), self::VIEWS, true) ? $sent('view') : self::VIEWS[0],
            $zoom,
            1 === preg_match('/^\d{1,4}(\.\d{1,4}){0,12}$/', $chosen) ? $chosen : '',
            Stage::tryFrom($sent('stage')) ?? Stage::Measure,
            new Posture(($turn + self::TURN) % self::TURN, $open, $zoom),
        );
    }

    public function choosing(string $path): self
    {
        return new self($this->view, $this->zoom, $path, $this->stage, $this->posture);
    }

    /**
     * Returns what the address says of it; what is usual is left out.
     *
     * @param array<string, string|int> $but
     *
     * @return array<string, string|int>
     */
    public function query(array $but = []): array
    {
        return array_diff_assoc(
            $but + [
                'view' => $this->view,
                'zoom' => $this->zoom,
                'at' => $this->chosen,
                'stage' => $this->stage->value,
                'turn' => $this->posture->turn,
                'open' => $this->posture->open,
            ],
            [
                'turn' => 0,
                'open' => Posture::AS_WORN,
                'view' => self::VIEWS[0],
                'zoom' => self::ZOOMS[0],
                'at' => '',
                'stage' => Stage::Measure->value,
            ],
        );
    }
}
