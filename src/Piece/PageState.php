<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Symfony\Component\HttpFoundation\Request;

/**
 * What the Piece page shows and how: its address says it, so that every state can be shared.
 */
final readonly class PageState
{
    public const VIEWS = ['flat', 'worn'];
    public const ZOOMS = [1, 2, 4];

    private function __construct(
        public string $view,
        public int $zoom,
        public string $chosen,
        public Stage $stage,
    ) {}

    public static function of(Request $request): self
    {
        $sent = static function (string $name) use ($request): string {
            $value = $request->request->all()[$name] ?? $request->query->all()[$name] ?? '';

            return \is_scalar($value) ? (string) $value : '';
        };
        $chosen = '' !== $sent('choose') ? $sent('choose') : $sent('at');

        return new self(
            \in_array($sent('view'), self::VIEWS, true) ? $sent('view') : self::VIEWS[0],
            \in_array((int) $sent('zoom'), self::ZOOMS, true) ? (int) $sent('zoom') : self::ZOOMS[0],
            1 === preg_match('/^\d{1,4}(\.\d{1,4}){0,12}$/', $chosen) ? $chosen : '',
            Stage::tryFrom($sent('stage')) ?? Stage::Measure,
        );
    }

    public function choosing(string $path): self
    {
        return new self($this->view, $this->zoom, $path, $this->stage);
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
            ],
            ['view' => self::VIEWS[0], 'zoom' => self::ZOOMS[0], 'at' => '', 'stage' => Stage::Measure->value],
        );
    }
}
