package lexicor.server.layer;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnFigureStore extends JpaRepository<OwnFigureRecord, Long> {}
