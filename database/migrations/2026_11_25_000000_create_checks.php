<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('aircraft_id')->constrained('aircraft')->cascadeOnDelete();
            $table->string('list');
            $table->unsignedInteger('revision');
            $table->json('items');
            $table->string('reason')->nullable();
            $table->timestamp('created_at');
        });
    }
};
