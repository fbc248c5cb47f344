package lexicor.server.settings;

import org.springframework.data.jpa.repository.JpaRepository;

interface SettingsStore extends JpaRepository<SettingsRecord, Integer> {}
