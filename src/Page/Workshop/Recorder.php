<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Workshop;

use Rinkel\App\Board\Taps;
use Rinkel\App\Making\Makings;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Http\Done;
use Rinkel\App\Workshop\Deeds;
use Rinkel\App\Workshop\Workshop;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Notes who did what in a workshop, within the transaction in which it is done.
 */
#[AsEventListener]
final readonly class Recorder
{
    /** What an act is called, by its route. What is named nowhere is noted as a change of its page. */
    private const DEEDS = [
        'piece_create' => 'laid', 'piece_duplicate' => 'laid', 'tray_lay' => 'laid', 'reach_lay' => 'laid',
        'import_lay' => 'laid', 'log_again' => 'laid',
        'piece_save' => 'changed', 'piece_photo' => 'changed', 'piece_restore' => 'changed',
        'piece_archive' => 'put-away', 'piece_discard' => 'deleted', 'own_knot_delete' => 'deleted',
        'api_delete' => 'deleted',
        'order_ask' => 'took-order', 'sizes_order' => 'took-order', 'piece_customer' => 'took-order',
        'order_link' => 'sent-link',
        'order_link_withdraw' => 'withdrew-link', 'order_close' => 'closed', 'order_delete' => 'deleted',
        'making_plan' => 'planned', 'making_deliver' => 'delivered', 'making_forget' => 'deleted',
        'making_finish' => 'finished', 'piece_finish' => 'finished', 'board_finish' => 'finished',
        'board_taps' => 'made', 'board_one' => 'made', 'board_clock' => 'made', 'board_pause' => 'made',
        'board_detour' => 'made', 'board_follow' => 'made', 'board_keep' => 'made', 'board_read' => 'made',
        'board_open' => 'made', 'making_board' => 'made',
        'cut_tick' => 'cut', 'cut_take' => 'cut', 'bought' => 'bought',
        'stock_keep' => 'stock', 'stock_tables_take' => 'stock', 'stock_undo' => 'stock', 'stock_delete' => 'stock',
        'person_add' => 'people', 'person_keep' => 'people', 'person_archive' => 'people', 'person_restore' => 'people',
        'sample_add' => 'sample', 'sample_aside' => 'sample', 'sample_delete' => 'sample',
        'log_delete' => 'log', 'data_take' => 'brought', 'bin_restore' => 'had-back', 'kept_delete' => 'deleted-all',
        'workshop_change' => 'workshop', 'workshop_remove' => 'workshop',
        'network_rename' => 'devices', 'network_remove' => 'devices', 'network_serve' => 'devices',
        'day_keep' => 'day', 'settings_unit' => 'units',
    ];

    /** What is noted of nobody: it passes, or concerns themselves alone. */
    private const UNNOTED = [
        'scheme', 'settings_keep', 'practice_answer', 'course_wrist', 'evening_step',
        'devices_say', 'piece_seen', 'sign_out', 'bench_from',
        'data_look', 'stock_tables_look', 'welcome_set', 'customer_answer',
    ];

    public function __construct(
        private Workshop $workshop,
        private Deeds $deeds,
        private Pieces $pieces,
        private Orders $orders,
        private Makings $makings,
        private Taps $boards,
    ) {}

    public function __invoke(Done $done): void
    {
        $me = $this->workshop->me();
        $route = $done->request->attributes->getString('_route');
        if (null === $me || \in_array($route, self::UNNOTED, true)) {
            return;
        }
        [$thing, $name] = $this->thing($done->request->getPathInfo())
            ?? $this->thing((string) parse_url((string) $done->response->headers->get('Location'), \PHP_URL_PATH))
            ?? ['', ''];
        $this->deeds->note($me, self::DEEDS[$route] ?? 'changed', $thing, $name);
    }

    /**
     * @return array{string, string}|null the path of the page of a thing and its name; null where it is about none
     */
    private function thing(string $path): ?array
    {
        if (1 !== preg_match('~^/(pieces|orders|makings|boards)/(\d{1,18})(?:/|$)~D', $path, $of)) {
            return null;
        }
        $id = (int) $of[2];
        $name = match ($of[1]) {
            'pieces' => self::called($this->pieces->find($id)?->document()),
            'orders' => $this->orders->find($id)?->text('name'),
            'makings' => $this->makings->find($id)?->name(),
            default => $this->boards->board($id)?->name(),
        };

        return null === $name ? null : ['/'.$of[1].'/'.$id, $name];
    }

    /**
     * @param array<string, mixed>|null $piece
     */
    private static function called(?array $piece): ?string
    {
        $name = $piece['name'] ?? null;

        return \is_string($name) ? $name : null;
    }
}
