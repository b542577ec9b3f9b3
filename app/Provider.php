<?php

namespace DuskSwitch\App;

use DuskSwitch\App\Stores\ShippedShelf;
use DuskSwitch\App\Stores\ShippedTransmitters;
use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Kit\Transmitters;
use Illuminate\Support\ServiceProvider;

/** Binds the ports of the core to what stands behind them here. */
final class Provider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(ShippedShelf::class, fn () => new ShippedShelf(database_path('demo/stores')));
        $this->app->bind(Shelf::class, ShippedShelf::class);
        $this->app->singleton(Transmitters::class, fn () => new ShippedTransmitters(database_path('demo/transmitters')));
    }
}
