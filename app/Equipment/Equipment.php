<?php

namespace DuskSwitch\App\Equipment;

use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\FrontPanel;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SpeedController;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Transmitters;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Rehearsal\Scenarios;
use DuskSwitch\Core\Units\UnitSystem;

/**
 * All definitions: those that ship with the app, and the pilot's own, with what holds for all aircraft. What ships is
 * found without a database.
 */
final class Equipment implements Catalogue, Scenarios, Transmitters
{
    /** @var array<string, Transmitter|Receiver|Controller|Pack|SpeedController|Sensor|Scenario|null> */
    private array $found = [];

    private ?UnitSystem $units = null;

    /** @var array<string, string> texts of definitions that came with a file, by kind and id */
    private array $borrowed = [];

    public function __construct(
        private readonly ShippedDefinitions $shipped,
        private readonly ?OwnDefinitions $own = null,
    ) {}

    public function find(string $id): ?Transmitter
    {
        $found = $this->read(DefinitionKind::Transmitters, $id);

        return $found instanceof Transmitter ? $found : null;
    }

    public function receiver(string $id): ?Receiver
    {
        $found = $this->read(DefinitionKind::Receivers, $id);

        return $found instanceof Receiver ? $found : null;
    }

    public function controller(string $id): ?Controller
    {
        $found = $this->read(DefinitionKind::Controllers, $id);

        return $found instanceof Controller ? $found : null;
    }

    public function pack(string $id): ?Pack
    {
        $found = $this->read(DefinitionKind::Packs, $id);

        return $found instanceof Pack ? $found : null;
    }

    public function speedController(string $id): ?SpeedController
    {
        $found = $this->read(DefinitionKind::SpeedControllers, $id);

        return $found instanceof SpeedController ? $found : null;
    }

    public function sensor(string $id): ?Sensor
    {
        $found = $this->read(DefinitionKind::Sensors, $id);

        return $found instanceof Sensor ? $found : null;
    }

    public function units(): UnitSystem
    {
        return $this->units ??= $this->own?->units() ?? UnitSystem::Metric;
    }

    /** Drops what was read, as it has changed. */
    public function forget(): void
    {
        [$this->found, $this->units] = [[], null];
    }

    public function scenario(string $id): ?Scenario
    {
        $found = $this->read(DefinitionKind::Scenarios, $id);

        return $found instanceof Scenario ? $found : null;
    }

    public function scenarios(Family $family): array
    {
        return array_values(
            array_filter(
                array_map($this->scenario(...), $this->idsOf(DefinitionKind::Scenarios)),
                fn (?Scenario $one): bool => $one?->isFor($family) === true,
            ),
        );
    }

    public function ids(): array
    {
        return $this->idsOf(DefinitionKind::Transmitters);
    }

    /** @return list<string> what ships first */
    private function idsOf(DefinitionKind $kind): array
    {
        return array_map(strval(...), array_keys([...$this->shipped->all($kind), ...$this->own?->all($kind) ?? []]));
    }

    /**
     * @return list<array{own: bool, revision: int|null, document: \stdClass}> everything of a kind, what ships first
     */
    public function all(DefinitionKind $kind): array
    {
        $shipped = array_map(
            fn (string $text): array => ['own' => false, 'revision' => null, 'document' => (object) json_decode($text)],
            $this->shipped->all($kind),
        );
        $own = array_map(
            fn (array $one): array => [
                'own' => true,
                'revision' => $one[1],
                'document' => (object) json_decode($one[0]),
            ],
            $this->own?->all($kind) ?? [],
        );

        return [...array_values($shipped), ...array_values($own)];
    }

    /** The text of a definition as it is now, or null. */
    public function text(DefinitionKind $kind, string $id): ?string
    {
        return $this->borrowed["{$kind->value} {$id}"] ??
            ($this->shipped->text($kind, $id) ?? $this->own?->text($kind, $id));
    }

    /** Has a definition count before all others of its id, kept nowhere: it came with the file that is worked on. */
    public function borrow(DefinitionKind $kind, string $id, string $text): void
    {
        $this->forget();
        $this->borrowed["{$kind->value} {$id}"] = $text;
    }

    /** True for what ships with the app. */
    public function isShipped(DefinitionKind $kind, string $id): bool
    {
        return $this->shipped->text($kind, $id) !== null;
    }

    /** @return list<DefinitionRevision> of one of the pilot's own, the newest first */
    public function revisions(DefinitionKind $kind, string $id): array
    {
        return $this->own?->revisions($kind, $id) ?? [];
    }

    /** Brings back a revision of the pilot's own, or one that was taken away; false where there is none. */
    public function restore(DefinitionKind $kind, string $id, ?int $number): bool
    {
        $this->forget();

        return $this->own?->restore($kind, $id, $number) ?? false;
    }

    /**
     * Keeps a definition of the pilot's own; one of the same id is replaced.
     *
     * @param  int|null  $base  the revision that it was made from; null to keep it whatever is there
     *
     * @throws Refused where it isn't one, or has the id of one that ships with the app
     * @throws DefinitionChanged where it was changed elsewhere
     */
    public function keep(DefinitionKind $kind, string $text, ?int $base = null): string
    {
        $decoded = $kind->decode($text);
        if ($decoded instanceof Transmitter) {
            FrontPanel::check($decoded);
        }
        $id = $decoded->id;
        if ($this->shipped->text($kind, $id) !== null) {
            throw Refused::because('id', "\"{$id}\" ships with the app and stays as it is; give yours another id");
        }
        $this->own?->keep($kind, $id, $text, $base);
        $this->forget();

        return $id;
    }

    /** Takes a definition of the pilot's own away; true where there was one. */
    public function remove(DefinitionKind $kind, string $id): bool
    {
        $this->forget();

        return $this->own?->remove($kind, $id) ?? false;
    }

    private function read(
        DefinitionKind $kind,
        string $id,
    ): Transmitter|Receiver|Controller|Pack|SpeedController|Sensor|Scenario|null {
        $key = "{$kind->value} {$id}";
        if (! array_key_exists($key, $this->found)) {
            $text = $this->text($kind, $id);
            $this->found[$key] = $text === null ? null : $kind->decode($text);
        }

        return $this->found[$key];
    }
}
